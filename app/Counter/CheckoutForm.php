<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use WindowStall\Core\Delivery\Address\AddressField;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Postcode;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Core\Tax\TaxNumber;
use WindowStall\Shop\Basket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\Taxes;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/** What a shopper typed at the checkout, by the form of addresses of the country they chose. */
final readonly class CheckoutForm
{
    /** field → most letters */
    private const LENGTHS = ['email' => 190, 'name' => 120, 'street' => 200, 'town' => 120, 'postcode' => 20, 'part' => 6, 'phone' => 40, 'wallet' => 80];

    /** Six to fifteen figures, as the plan of international numbers has it (ITU-T E.164), written in any of the usual ways. */
    private const PHONE = '~^\+?(?:[\s()./-]*\d){6,15}[\s()./-]*$~D';

    /** The same of what only a business has. */
    private const BUSINESS = ['company' => 120, 'tax_number' => 40];

    /** What is wrong with a field → how it is said. */
    private const WORDS = [
        'email.required' => 'email_missing',
        'email.email' => 'email',
        'email.regex' => 'email_unreachable',
        'name.required' => 'name',
        'street.required' => 'street',
        'town.required' => 'town',
        'postcode.required' => 'postcode_missing',
        'part.required' => 'part',
        'part.in' => 'part',
        'phone.regex' => 'phone',
        'wallet.regex' => 'part',
        'company.required_with' => 'company',
    ];

    /**
     * @param  list<string>  $countries  that something is sent to, the home country first
     * @param  array<string, string>  $typed  by field, tidied where it could be read
     * @param  array<string, string>  $errors  a sentence for each field that can't be read
     * @param  int|null  $way  which of the place's ways; null where none was chosen
     * @param  bool  $news  whether they agreed to be written to
     * @param  bool  $business  whether businesses registered there buy without tax
     * @param  PayMethod|null  $by  how they mean to pay; null where they didn't choose
     */
    private function __construct(
        public array $countries,
        public string $country,
        public AddressForm $form,
        public array $typed,
        public array $errors,
        public ?int $way,
        public bool $news = false,
        public ?PayMethod $by = null,
        public bool $business = false,
    ) {
    }

    /** As nothing is typed yet, but for what was typed with this basket before it came to a payment. */
    public static function blank(Stall $stall, Basket $basket, Destination $to, ?int $way): self
    {
        $order = Order::of($stall)
            ->where('basket_id', $basket->id)
            ->where('state', OrderState::AwaitingPayment)
            ->latest('id')
            ->first();
        $typed = ['postcode' => (string) $to->postcode, 'part' => (string) $to->part];
        if ($order !== null) {
            $typed += ['email' => $order->email, 'name' => $order->name, 'street' => $order->street, 'town' => $order->town];
            $typed += ['company' => $order->company, 'tax_number' => $order->tax_number, 'phone' => $order->phone];
        }

        return new self(
            countries: self::countries($stall),
            country: $to->country,
            form: AddressForm::of($to->country),
            typed: $typed,
            errors: [],
            way: $way,
            by: $order === null ? null : PayMethod::tryFrom($order->pay_method),
            business: Taxes::of($stall)->reverses($to->country),
        );
    }

    /**
     * As the payment service brought it.
     *
     * @param  array<string, string>  $address  by field
     */
    public static function brought(Stall $stall, array $address, string $wallet): self
    {
        $request = Request::create('/checkout', 'POST', $address + ['wallet' => $wallet, 'by' => PayMethod::Card->value]);

        return self::read($request, $stall)->unjudged();
    }

    public static function read(Request $request, Stall $stall): self
    {
        $countries = self::countries($stall);
        $country = strtoupper(Typed::text($request, 'country'));
        $country = in_array($country, $countries, true) ? $country : $countries[0];
        $form = AddressForm::of($country);
        $typed = [];
        $business = Taxes::of($stall)->reverses($country);
        foreach (array_keys(self::LENGTHS + ($business ? self::BUSINESS : [])) as $field) {
            $typed[(string) $field] = trim(Typed::text($request, $field));
        }
        $errors = array_map(
            static fn (array $said): string => $said[0],
            Validator::make($typed, self::rules($form), self::words())->errors()->toArray(),
        );
        $postcode = $form->asks(AddressField::Postcode) ? Postcode::read($typed['postcode'] ?? '', $country) : '';
        if ($postcode === null && ! isset($errors['postcode'])) {
            $errors['postcode'] = Speech::say('till.wrong.postcode', country: Spoken::countrySaid($country));
        }
        $typed['postcode'] = $postcode ?? $typed['postcode'] ?? '';
        $number = ($typed['tax_number'] ?? '') === '' ? '' : TaxNumber::read($typed['tax_number'], $country);
        if ($number === null) {
            $errors['tax_number'] ??= Speech::say('till.wrong.tax_number', country: Spoken::countrySaid($country));
        } elseif ($business) {
            $typed['tax_number'] = $number;
        }
        $part = $typed['part'] ?? '';
        $typed['part'] = isset($form->partNames[$part]) ? $part : '';
        $way = Typed::text($request, 'way');

        return new self(
            countries: $countries,
            country: $country,
            form: $form,
            typed: $typed,
            errors: $errors,
            way: preg_match('/^\d{1,2}$/D', $way) === 1 ? (int) $way : null,
            news: $request->input('news') === '1',
            by: PayMethod::tryFrom(Typed::text($request, 'by')),
            business: $business,
        );
    }

    /** What is known of where it goes, be the rest typed yet or not. */
    public function destination(): Destination
    {
        $postcode = isset($this->errors['postcode']) ? '' : $this->typed['postcode'] ?? '';

        return new Destination(
            $this->country,
            ($this->typed['part'] ?? '') === '' ? null : $this->typed['part'],
            $postcode === '' ? null : $postcode,
        );
    }

    /** Whether a business buys that owes the tax itself. */
    public function reverses(): bool
    {
        return ($this->typed['tax_number'] ?? '') !== '' && ! isset($this->errors['tax_number']);
    }

    /** The same for a way by which who brings it rings first. */
    public function withPhone(): self
    {
        return ($this->typed['phone'] ?? '') !== '' ? $this : $this->judged(['phone' => Speech::say('till.wrong.phone')] + $this->errors);
    }

    /** The same, with nothing found fault with. */
    public function unjudged(): self
    {
        return $this->judged([]);
    }

    /** @param  array<string, string>  $errors */
    private function judged(array $errors): self
    {
        return new self(
            $this->countries,
            $this->country,
            $this->form,
            $this->typed,
            $errors,
            $this->way,
            $this->news,
            $this->by,
            $this->business,
        );
    }

    /** @return list<string> */
    private static function countries(Stall $stall): array
    {
        return array_values(array_unique([$stall->home_market, ...Places::countries($stall)]));
    }

    /** @return array<string, string> rule → what is said where it is broken */
    private static function words(): array
    {
        $said = array_map(static fn (string $word): string => Speech::say('till.wrong.'.$word), self::WORDS);

        // The number of letters is filled in by the validator.
        return $said + ['max' => Speech::say('till.wrong.too_long', max: ':max')];
    }

    /** @return array<string, list<mixed>> */
    private static function rules(AddressForm $form): array
    {
        $rules = array_map(static fn (int $most): array => ['required', 'string', 'max:'.$most], self::LENGTHS);
        // An address within a machine's own network gets no letter of ours.
        array_push($rules['email'], 'email:rfc', 'regex:/@[^@\s]+\.\p{L}{2,}$/u');
        $rules['wallet'] = ['nullable', 'string', 'max:'.self::LENGTHS['wallet'], 'regex:/^\w+$/D'];
        // Whether it is needed shows once the way is known.
        $rules['phone'] = ['nullable', 'string', 'max:'.self::LENGTHS['phone'], 'regex:'.self::PHONE];
        if (! $form->asks(AddressField::Postcode)) {
            unset($rules['postcode']);
        }
        $rules['company'] = ['nullable', 'required_with:tax_number', 'string', 'max:'.self::BUSINESS['company']];
        $rules['tax_number'] = ['nullable', 'string', 'max:'.self::BUSINESS['tax_number']];
        $rules['part'] = $form->partNames === [] ? [] : ['required', 'in:'.implode(',', array_keys($form->partNames))];

        return $rules;
    }
}
