<?php

declare(strict_types=1);

namespace App\Contract\Stored;

/** What can be done with what is stored, at its address. Whatever a kind does not name is refused there with 405. */
enum Ability
{
    case List;
    case Add;
    case Show;
    case Change;
    case Delete;
    /** Of what was deleted. */
    case Restore;
    /** Of that of which there is one: it is there from the beginning, and is never deleted. */
    case Replace;

    /** Of what is on a list, and can be brought back onto it. */
    public const ON_A_LIST = [self::List, self::Add, self::Show, self::Change, self::Delete, self::Restore];
    public const OF_ONE = [self::Show, self::Replace];
}
