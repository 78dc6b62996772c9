<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use App\Contract\Stored\Ability;
use App\Contract\Stored\Address;

/** What the published description says of what can be done with what is stored. */
final class ShelfOperations
{
    /** Ids that were given before there was a rule for them: clients are named after them. */
    private const OLD_IDS = [
        'waters Add' => 'addWater', 'built Show' => 'builtOne', 'current-reading Show' => 'currentReading',
        'current-reading Replace' => 'keepCurrentReading',
    ];

    public static function describe(Address $address, Ability $ability): Operation
    {
        $noun = str_replace(' ', '', ucwords($address->noun));
        $id = self::OLD_IDS["$address->name $ability->name"] ?? match ($ability) {
            Ability::List => $address->name,
            Ability::Show => lcfirst($noun),
            Ability::Add => "save$noun",
            Ability::Change, Ability::Replace => "change$noun",
            Ability::Delete => "delete$noun",
            Ability::Restore => "restore$noun",
        };

        return match ($ability) {
            Ability::List => new Operation($id, "All $address->name, $address->order", $address->listed, isList: true, isPaged: true),
            Ability::Add => new Operation($id, "Save $address->one", $address->document, status: 201, isEdited: true),
            Ability::Show => new Operation(
                $id,
                $address->isOne ? "The $address->noun" : "One $address->noun",
                $address->document,
                isNullable: !$address->isAlways,
                errors: $address->isOne ? [] : [404],
                isEdited: true,
            ),
            Ability::Change => new Operation(
                $id,
                "Change $address->one",
                $address->document,
                errors: [404, 409],
                isEdited: true,
                takesVersion: true,
            ),
            Ability::Replace => new Operation($id, "Change the $address->noun", status: 204, isEdited: true, takesVersion: true),
            Ability::Delete => new Operation(
                $id,
                "Delete $address->one; it can be restored",
                status: 204,
                errors: [404],
                takesVersion: true,
            ),
            Ability::Restore => new Operation($id, 'Undo a deletion', $address->document, errors: [404], isEdited: true),
        };
    }

    /** @return class-string|null the document it takes */
    public static function body(Address $address, Ability $ability): ?string
    {
        return \in_array($ability, [Ability::Add, Ability::Change, Ability::Replace], true) ? $address->document : null;
    }
}
