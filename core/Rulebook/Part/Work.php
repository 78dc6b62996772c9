<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Line;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\Pace;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Run;
use Kontrast\Rulebook\Slot;

/** What a rule says of how the lure is worked, and on what tackle. */
final readonly class Work extends Part
{
    public static function retrieve(RetrieveName $name, ?Run $run = null): self
    {
        $work = (new self())->says(Slot::RetrieveName, $name);

        return null === $run ? $work : $work->says(Slot::RetrieveRun, $run);
    }

    public static function pace(Pace $pace): self
    {
        return (new self())->says(Slot::RetrievePace, $pace);
    }

    public static function run(Run $run): self
    {
        return (new self())->says(Slot::RetrieveRun, $run);
    }

    public static function line(Line $line): self
    {
        return (new self())->says(Slot::TackleLine, $line);
    }

    /** Breaking strength in pounds. */
    public static function pounds(float $least, float $most): self
    {
        return (new self())->says(Slot::TackleTest, NumberRange::between($least, $most));
    }

    /** Length of the rod in inches. */
    public static function rod(float $least, float $most): self
    {
        return (new self())->says(Slot::TackleRod, NumberRange::between($least, $most));
    }

    public static function power(RodPower $power): self
    {
        return (new self())->says(Slot::TacklePower, $power);
    }

    public static function action(RodAction $action): self
    {
        return (new self())->says(Slot::TackleAction, $action);
    }

    /** Turns of the spool to one of the handle. */
    public static function gear(float $least, float $most): self
    {
        return (new self())->says(Slot::TackleGear, NumberRange::between($least, $most));
    }
}
