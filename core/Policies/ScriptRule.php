<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/**
 * Whether shoppers have to agree before somebody else's script keeps or reads anything in their browser: in the European Economic
 * Area (Directive 2002/58/EC, Article 5(3)) and the United Kingdom (Privacy and Electronic Communications Regulations 2003,
 * regulation 6) they do; elsewhere they are told, and can refuse.
 */
enum ScriptRule: string
{
    case Asked = 'asked';
    case Told = 'told';

    /** @param  string  $country  ISO 3166-1 */
    public static function of(string $country): self
    {
        // The same countries as have a right of withdrawal: the European Economic Area and the United Kingdom.
        return Withdrawal::leastDays($country) > 0 ? self::Asked : self::Told;
    }
}
