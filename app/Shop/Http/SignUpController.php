<?php

declare(strict_types=1);

namespace WindowStall\Shop\Http;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Mail;
use WindowStall\Offers\SingleCodes;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Shop\ShopStall;
use WindowStall\Shop\SignUpLetter;
use WindowStall\Shop\SignUps;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;

/**
 * A shopper leaves an address. What they agreed to is taken from the page as it is published, never from what they
 * sent.
 */
final readonly class SignUpController
{
    /** Stands for a section on the sign of a closed shop. */
    private const SIGN = 'closed';

    public function __construct(private ShopRenderer $renderer, private ShortAnswer $answer)
    {
    }

    public function __invoke(Request $request): Response
    {
        $stall = ShopStall::of($request);
        $name = Typed::text($request, 'section');
        $section = $this->renderer->published($stall)->section($name);
        $onSign = $name === self::SIGN && ! $stall->open;
        if (! $onSign && ($section?->kind->key() !== 'signup' || ! $section->showing->now())) {
            abort(404);
        }
        $said = $onSign || $section === null ? null : $section->settings;
        $consent = $said === null ? Speech::say('shop.closed.consent') : $stall->phrases()->say((string) $said['consent']);
        $email = Typed::text($request, 'email');
        if ($request->input('agreed') !== '1') {
            return $this->say($stall, 'one_more', Speech::say('shop.sign_up.tick', consent: $consent), 422);
        }
        if (! ShortAnswer::isAddress($email)) {
            return $this->say(
                $stall,
                'address',
                Speech::say('shop.letters.no_address'),
                422,
            );
        }
        // Nobody learns whether an address is there already.
        SignUps::agree($stall, $email, $consent, $onSign ? 'closed sign' : 'front page, '.$name);
        if ($onSign) {
            SignUps::tellOpening($stall, $email);
        } elseif ($said !== null) {
            $this->mailCode($stall, $email, (string) $said['words']);
        }

        return $this->say($stall, 'thanks', Speech::say('shop.sign_up.agreed', consent: $consent));
    }

    /** Where an offer is for those who sign up, each address gets one code, once. */
    private function mailCode(Stall $stall, string $email, string $promised): void
    {
        $code = SingleCodes::give($stall, $email);
        if ($code !== null) {
            Mail::to($email)->locale(Speech::language())->queue(new SignUpLetter(
                shop: $stall->name,
                code: $code,
                promised: $stall->phrases()->say($promised),
                link: $stall->shopAddress('/'),
                stop: $stall->shopAddress(SignUps::stopAt($stall, $email)),
            ));
        }
    }

    private function say(Stall $stall, string $heading, string $words, int $status = 200): Response
    {
        return $this->answer->say($stall, Speech::say('shop.sign_up.'.$heading), $words, $status);
    }
}
