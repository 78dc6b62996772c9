<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\BladeLayout;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureSet;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Situation;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

use function Kontrast\Rulebook\brightBase;

/** What a rule says of the blades. The main blade is the rear one of two, or the only one. */
final readonly class Blades extends Part
{
    /** A finish, and the set that it makes. */
    public static function finish(Finish $finish): self
    {
        $blade = self::only($finish);

        return $finish->isMetal() ? $blade->and(self::setOfMetal($finish)) : $blade->says(Slot::Set, LureSet::ofBlade($finish));
    }

    /** A finish alone, where the rule names the set itself or none. */
    public static function only(Finish $finish): self
    {
        return (new self())->says(Slot::Finish, $finish);
    }

    /** Bare metal is the one flash on a natural lure; over the bright skirt of dirty water it is a bright set (M4). */
    private static function setOfMetal(Finish $finish): Pick
    {
        return Pick::computed(
            Slot::Set,
            'flash, or bright over a bright skirt',
            [...Rule::DIRTY_HANGS_ON, 'red_crawfish', 'season', 'surface_f', 'schools.red_spring'],
            static fn (Situation $situation): array => [
                Value::of($situation->strengthOf(brightBase()) > 0.0 ? LureSet::Bright : LureSet::ofBlade($finish)),
            ],
        );
    }

    public static function layout(BladeLayout $layout): self
    {
        return (new self())->says(Slot::BladeLayout, $layout);
    }

    public static function main(BladeShape $shape, ?int $size = null): self
    {
        return (new self())->says(Slot::MainShape, $shape)->sized(Slot::MainSize, $size);
    }

    public static function front(BladeShape $shape, ?int $size = null): self
    {
        return (new self())->says(Slot::FrontShape, $shape)->sized(Slot::FrontSize, $size);
    }

    /** Of the main blade alone. */
    public static function size(int $main): self
    {
        return (new self())->sized(Slot::MainSize, $main);
    }

    public static function sizes(int $main, int $front): self
    {
        return (new self())->sized(Slot::MainSize, $main)->sized(Slot::FrontSize, $front);
    }

    public static function darkened(bool $darkened = true): self
    {
        return (new self())->says(Slot::Darkened, $darkened);
    }

    public static function frontFinish(Finish $finish): self
    {
        return (new self())->says(Slot::FrontFinish, $finish);
    }

    private function sized(Slot $slot, ?int $size): self
    {
        return null === $size ? $this : $this->says($slot, BladeSize::number($size));
    }
}
