<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Address;

/** Which fields an address has in a country, and in what order they are written there. */
final class AddressForm
{
    /** Where nothing is known of a country. */
    private const PLAIN = '%N%n%A%n%C%n%Z';

    /** @var array<string, string>|null country → its lines */
    private static ?array $forms = null;

    /** @var array<string, array<string, string>>|null country → its parts' names by code */
    private static ?array $parts = null;

    /**
     * @param  list<AddressField>  $fields  in their order; the name always is one
     * @param  array<string, string>  $partNames  ISO 3166-2 → name; none where no part is asked for
     */
    private function __construct(public readonly array $fields, public readonly array $partNames)
    {
    }

    /** @param  string  $country  ISO 3166-1 */
    public static function of(string $country): self
    {
        /** @var array<string, string> $forms */
        $forms = self::$forms ?? require __DIR__.'/address-forms.php';
        self::$forms = $forms;
        preg_match_all('/%([NACSZ])/', $forms[$country] ?? self::PLAIN, $letters);
        $parts = self::parts($country);
        $fields = array_values(array_filter(
            array_map(AddressField::from(...), $letters[1]),
            static fn (AddressField $field): bool => $field !== AddressField::Part || $parts !== [],
        ));
        // Somewhere a form leaves the street or the town out, as there is one town only; a parcel is asked for both.
        foreach ([AddressField::Street, AddressField::Town] as $always) {
            if (! in_array($always, $fields, true)) {
                $fields[] = $always;
            }
        }
        $named = array_filter($fields, static fn (AddressField $field): bool => $field !== AddressField::Name);

        return new self([AddressField::Name, ...$named], in_array(AddressField::Part, $fields, true) ? $parts : []);
    }

    public function asks(AddressField $field): bool
    {
        return in_array($field, $this->fields, true);
    }

    /** @return array<string, array<string, string>> by country: ISO 3166-2 → name */
    public static function allParts(): array
    {
        /** @var array<string, array<string, string>> $parts */
        $parts = self::$parts ?? require __DIR__.'/parts.php';

        return self::$parts = $parts;
    }

    /** @return array<string, string> ISO 3166-2 → name, none where addresses there do without */
    public static function parts(string $country): array
    {
        return self::allParts()[$country] ?? [];
    }
}
