<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Print;

use WindowStall\Bench\Listing;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\Placing\Placed;
use WindowStall\Tests\App\Support\Described;

/** Print for programs: artwork sent, findings asked for, placings read and said, goods made. */
final class PrintApiTest extends PrintTestCase
{
    use Described;

    public function test_artwork_is_sent_laid_looked_at_and_made_into_goods(): void
    {
        $this->token(['read', 'decide']);
        $sent = $this->post('/api/v1/print/artworks', ['file' => self::upload(self::leaf(), 'leaf.png')]);
        self::assertDescribed($sent->assertStatus(201), 'post', '/print/artworks');
        $artwork = $this->read(Artwork::query()->findOrFail((int) $sent->json('id')));
        $read = $this->getJson('/api/v1/print/artworks/'.$artwork->id);
        self::assertDescribed($read, 'get', '/print/artworks/{artwork}');
        self::assertSame(['ready', 600, '#2e6b46'], [$read->json('state'), $read->json('width'), $read->json('colours.0.hex')]);

        $blank = $this->blank('TP-TEE');
        $asked = ['blank' => $blank->id, 'area' => 'front', 'method' => 'direct', 'artwork' => $artwork->id];
        $found = $this->postJson('/api/v1/print/findings', $asked + ['width' => 150, 'y' => 30, 'colours' => ['Oat', 'Bottle']]);
        self::assertDescribed($found->assertOk(), 'post', '/print/findings');
        self::assertSame(['density', 'stops'], [$found->json('findings.0.kind'), $found->json('findings.0.weight')]);
        self::assertSame(101.6, $found->json('findings.0.mend.laid.0.pieces.0.width'));
        self::assertSame(0, Placed::query()->count(), 'asking keeps nothing');
        $this->postJson('/api/v1/print/findings', ['width' => 'NaN'] + $asked)->assertStatus(422);
        $this->postJson('/api/v1/print/findings', ['area' => 'hood', 'width' => 10] + $asked)->assertStatus(422);

        $laid = $this->postJson('/api/v1/print/placings', ['blank' => $blank->id, 'artwork' => $artwork->id]);
        self::assertDescribed($laid->assertStatus(201), 'post', '/print/placings');
        $path = '/api/v1/print/placings/'.$laid->json('id');
        $piece = ['artwork' => $artwork->id, 'x' => 12.5, 'y' => 20, 'width' => 80];
        $said = ['laid' => [['area' => 'front', 'method' => 'direct', 'pieces' => [$piece]]], 'colours' => ['Oat']];
        $put = $this->putJson($path, $said + ['revision' => 1]);
        self::assertDescribed($put->assertOk(), 'put', '/print/placings/{placing}');
        self::assertSame([2, 12.5, 80], [$put->json('revision'), $put->json('laid.0.pieces.0.x'), $put->json('laid.0.pieces.0.width')]);
        $this->putJson($path, $said + ['revision' => 1])->assertStatus(422);
        self::assertDescribed($this->getJson($path), 'get', '/print/placings/{placing}');
        self::assertDescribed($this->getJson('/api/v1/print/placings'), 'get', '/print/placings');

        $made = $this->postJson($path.'/goods');
        self::assertDescribed($made->assertOk(), 'post', '/print/placings/{placing}/goods');
        $listing = Listing::query()->with('supplierItem')->findOrFail((int) $made->json('listing'));
        self::assertSame($blank->connection_id, $listing->supplierItem?->connection_id);
        self::assertDescribed($this->getJson('/api/v1/print/files'), 'get', '/print/files');
        $this->getJson('/api/v1/print/files/1')->assertNotFound();
    }

    public function test_a_token_that_only_reads_changes_nothing(): void
    {
        $artwork = $this->artwork(self::leaf());
        $this->token(['read']);
        $blank = $this->blank('TP-TEE')->id;
        $this->postJson('/api/v1/print/placings', ['blank' => $blank, 'artwork' => $artwork->id])->assertStatus(403);
        $this->post('/api/v1/print/artworks', ['file' => self::upload(self::leaf(50, 60), 'x.png')])->assertStatus(403);
        $this->postJson('/api/v1/print/findings', ['blank' => $blank, 'area' => 'front', 'method' => 'direct', 'artwork' => $artwork->id, 'width' => 50])
            ->assertOk();
        self::assertSame(0, Placed::query()->count());
    }

    /** @param  list<string>  $may */
    private function token(array $may): void
    {
        $this->withToken($this->stall->createToken('test', $may)->plainTextToken)->wantingJson();
    }
}
