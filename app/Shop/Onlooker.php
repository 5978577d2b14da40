<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Stall\Stall;

/**
 * Somebody who may look into a closed shop, by a code of their own: in a link, or typed on the sign. Taken back, it ends at once.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name
 * @property string $code as it is read and typed: "7ZQ4-MXHK-93TB"
 * @property string $code_hash by which it is found
 * @property Carbon|null $seen_at when they looked last, to the hour
 * @property Carbon $created_at
 */
final class Onlooker extends Model
{
    public const UPDATED_AT = null;

    public const MOST = 50;

    private const COOKIE = 'onlooker';

    private const DAYS = 30;

    /** Letters and figures that aren't mistaken for one another (Crockford's base 32); twelve are 60 bits. */
    private const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    private const LENGTH = 12;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => 'encrypted', 'seen_at' => 'datetime', 'created_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    public static function letIn(Stall $stall, string $name): self
    {
        $letters = '';
        while (strlen($letters) < self::LENGTH) {
            $letters .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return self::of($stall)->create([
            'name' => $name,
            'code' => implode('-', str_split($letters, 4)),
            'code_hash' => hash('sha256', $letters),
        ]);
    }

    /** Whose code it is, however it was typed. */
    public static function by(Stall $stall, string $typed): ?self
    {
        $letters = strtr(strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $typed)), ['O' => '0', 'I' => '1', 'L' => '1']);

        return strlen($letters) === self::LENGTH
            ? self::of($stall)->where('code_hash', hash('sha256', $letters))->first()
            : null;
    }

    /** Whether a request comes from one who may look in; when they did is noted. */
    public static function looks(Request $request, Stall $stall): bool
    {
        $code = $request->cookies->get(self::COOKIE);
        $one = is_string($code) && strlen($code) < 40 ? self::by($stall, $code) : null;
        if ($one !== null && $one->seen_at?->isAfter(now()->subHour()) !== true) {
            $one->update(['seen_at' => now()]);
        }

        return $one !== null;
    }

    public function cookie(): Cookie
    {
        return Cookie::create(
            self::COOKIE,
            $this->code,
            now()->addDays(self::DAYS),
            '/',
            null,
            config('stall.scheme') === 'https',
            true,
            false,
            'lax',
        );
    }

    /** Where they come in. */
    public function address(Stall $stall): string
    {
        return $stall->shopAddress('/look-in/'.$this->code);
    }
}
