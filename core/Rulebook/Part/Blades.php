<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\BladeLayout;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Finish;
use Kontrast\Rulebook\Slot;

/** What a rule says of the blades. The main blade is the rear one of two, or the only one. */
final readonly class Blades extends Part
{
    public static function finish(Finish $finish): self
    {
        return (new self())->says(Slot::Finish, $finish);
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
