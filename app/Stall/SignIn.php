<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use WindowStall\Support\Http\KnownBrowser;

/**
 * A place where a person is signed in. A session holds its id and counts only as long as this row is there: ending a
 * sign-in is deleting the row, wherever sessions are kept.
 *
 * @property string $id
 * @property int $user_id
 * @property string $agent what the browser calls itself
 * @property string $address
 * @property Carbon $seen_at
 * @property Carbon $created_at
 */
final class SignIn extends Model
{
    /** What a session keeps it under. */
    public const KEY = 'sign_in';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime', 'created_at' => 'datetime'];
    }

    /** Notes that the person is signed in here from now on. */
    public static function begin(User $user, Request $request): self
    {
        $signIn = self::query()->create([
            'id' => (string) Str::uuid(),
            'user_id' => $user->id,
            'agent' => mb_substr(mb_scrub((string) $request->userAgent()), 0, 300),
            'address' => (string) $request->ip(),
            'seen_at' => now(),
            'created_at' => now(),
        ]);
        $request->session()->put(self::KEY, $signIn->id);
        KnownBrowser::remember($request, $user->email);

        return $signIn;
    }

    /** "Firefox on Linux": what a person recognises. */
    public function place(): string
    {
        $browser = match (true) {
            str_contains($this->agent, 'Edg/') => 'Edge',
            str_contains($this->agent, 'Firefox/') => 'Firefox',
            str_contains($this->agent, 'Chrome/') => 'Chrome',
            str_contains($this->agent, 'Safari/') => 'Safari',
            default => 'A browser',
        };
        $system = match (true) {
            str_contains($this->agent, 'Android') => 'Android',
            str_contains($this->agent, 'iPhone'), str_contains($this->agent, 'iPad') => 'iOS',
            str_contains($this->agent, 'Windows') => 'Windows',
            str_contains($this->agent, 'Mac OS') => 'macOS',
            str_contains($this->agent, 'Linux') => 'Linux',
            default => '',
        };

        return $system === '' ? $browser : $browser.' on '.$system;
    }
}
