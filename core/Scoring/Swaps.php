<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\Arm;

/** Tries every single change to a build that parts and hands allow: another part, one off, a marker on the blade, the skirt cut back. */
final readonly class Swaps
{
    public function __construct(private Inventory $bin, private BuildScorer $scorer)
    {
    }

    /**
     * @param int $most how many of each slot's changes are told
     *
     * @return list<Swap> that gain something, the most first
     */
    public function find(Composition $build, int $most = 3): array
    {
        $now = $this->scorer->measure($build)->points;
        $bySlot = [];
        foreach ($this->changes($build) as [$kind, $slot, $id, $what, $changed]) {
            $gain = $this->scorer->measure($changed)->points - $now;
            if ($gain > 0) {
                $bySlot[$slot][] = new Swap($kind, $slot, $id, $what, $changed, $gain);
            }
        }
        $all = [];
        foreach ($bySlot as $swaps) {
            $all = [...$all, ...\array_slice(self::byGain($swaps), 0, $most)];
        }

        return self::byGain($all);
    }

    /**
     * @param list<Swap> $swaps
     *
     * @return list<Swap>
     */
    private static function byGain(array $swaps): array
    {
        usort($swaps, static fn (Swap $a, Swap $b): int => $b->gain <=> $a->gain);

        return $swaps;
    }

    /** @return iterable<int, array{SwapKind, string, string|null, string, Composition}> */
    private function changes(Composition $build): iterable
    {
        yield from $this->heads($build);
        yield from $this->blades($build);
        foreach ($this->bin->skirts as $skirt) {
            yield [SwapKind::Another, 'skirt', $skirt->id, $skirt->name, $build->with($skirt)];
        }
        if (null !== $build->skirt && $build->kind->goesWithoutSkirt()) {
            yield [SwapKind::Off, 'skirt', null, 'skirt off', $build->withoutSkirt()];
        }
        $trimmed = $build->skirt?->trimmed();
        if (null !== $trimmed) {
            yield [SwapKind::Trim, 'skirt', $trimmed->id, 'cut the skirt back to the bend of the hook', $build->with($trimmed)];
        }
        foreach ($this->bin->trailers as $trailer) {
            yield [SwapKind::Another, 'trailer', $trailer->id, $trailer->name, $build->with($trailer)];
        }
        if (null !== $build->trailer) {
            yield [SwapKind::Off, 'trailer', null, 'trailer off', $build->withoutTrailer()];
        }
        yield from $this->hooks($build);
    }

    /**
     * @return iterable<int, array{SwapKind, string, string|null, string, Composition}> heads that take the blades and the hook that are on
     */
    private function heads(Composition $build): iterable
    {
        foreach ($this->bin->heads as $head) {
            $bare = Arm::Long === $head->arm || (null === $build->front && null === $build->hook) || !$build->kind->hasWire();
            if ($bare && PartFit::head($head, $this->scorer->reading) && (null === $build->hook || PartFit::hook($build->hook, $head))) {
                yield [SwapKind::Another, 'head', $head->id, $head->name, $build->with($head)];
            }
        }
    }

    /** @return iterable<int, array{SwapKind, string, string|null, string, Composition}> */
    private function blades(Composition $build): iterable
    {
        if (null === $build->rear) {
            return;
        }
        foreach ($this->bin->blades as $blade) {
            if (!$build->kind->bladeMount()->takes($blade->shape)) {
                continue;
            }
            if (null === $build->front || PartFit::front($build->front, $blade)) {
                yield [SwapKind::Another, 'rear', $blade->id, $blade->name, $build->with($blade)];
            }
            if ($build->kind->hasTandem() && Arm::Long === $build->head->arm && PartFit::front($blade, $build->rear)) {
                yield [SwapKind::Another, 'front', $blade->id, $blade->name, $build->with($blade, inFront: true)];
            }
        }
        if (null !== $build->front) {
            yield [SwapKind::Off, 'front', null, 'front blade off', $build->withoutFront()];
        }
        $dark = $build->rear->darken();
        if (null !== $dark) {
            yield [SwapKind::Marker, 'rear', $dark->id, 'black marker over the blade', $build->with($dark)];
        }
    }

    /** @return iterable<int, array{SwapKind, string, string|null, string, Composition}> */
    private function hooks(Composition $build): iterable
    {
        foreach ($build->kind->takesTrailerHook() ? $this->bin->hooks : [] as $hook) {
            if (PartFit::hook($hook, $build->head)) {
                yield [SwapKind::Another, 'hook', $hook->id, $hook->name, $build->with($hook)];
            }
        }
        if (null !== $build->hook) {
            yield [SwapKind::Off, 'hook', null, 'trailer hook off', $build->withoutHook()];
        }
    }
}
