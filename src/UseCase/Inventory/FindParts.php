<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Inventory\PartMapper;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Entity\Swatch;
use App\Persistence\Repository\InventoryPartRepository;
use App\Persistence\Repository\SwatchRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;
use Kontrast\Inventory\BoxMixing;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;

/** The parts owned, by type and name, with what goes beside them. */
final readonly class FindParts
{
    public function __construct(private InventoryPartRepository $parts, private SwatchRepository $swatches)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->parts, static fn (InventoryPart $part): array => $part->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->parts->get($id));
    }

    /** @return list<array<string, mixed>> part documents as they travel: without what only this program needs */
    public function forExport(): array
    {
        return array_map(static fn (InventoryPart $part): array => ['id' => $part->id(), ...$part->fields()], $this->parts->all());
    }

    /** @return list<array{name: string, hex: string}> in the order they came in */
    public function swatches(): array
    {
        return array_map(static fn (Swatch $swatch): array => $swatch->toArray(), $this->swatches->all());
    }

    /** @return list<array{name: string, hex: string}> swatches, then the colors of every part */
    public function colours(): array
    {
        $colours = $this->swatches();
        foreach ($this->parts->all() as $part) {
            $fields = $part->fields();
            $accents = \is_array($fields['accents'] ?? null) ? array_values($fields['accents']) : [];
            $belly = \is_array($fields['belly'] ?? null) ? array_values($fields['belly']) : [];
            foreach ([$fields['colour'] ?? null, ...$accents, ...$belly] as $i => $colour) {
                if (\is_string($colour)) {
                    $name = match (true) {
                        0 === $i => $part->name(),
                        $i <= \count($accents) => "{$part->name()}, accent $i",
                        default => "{$part->name()}, belly ".($i - \count($accents)),
                    };
                    $colours[] = ['name' => $name, 'hex' => PartMapper::colour($colour)->colour->toHex()];
                }
            }
        }

        return $colours;
    }

    /** @return list<array{box: string, stretchy: list<string>, others: list<string>}> */
    public function mixedBoxes(): array
    {
        $trailers = [];
        foreach ($this->parts->all() as $part) {
            if (PartKind::Trailer === $part->kind()) {
                $plastic = $part->fields()['plastic'] ?? null;
                $trailers[] = [
                    'box' => $part->box(),
                    'name' => $part->name(),
                    'plastic' => Plastic::Stretchy->value === $plastic ? Plastic::Stretchy : Plastic::Soft,
                ];
            }
        }

        return BoxMixing::mixed($trailers);
    }

    public static function kept(InventoryPart $part): Kept
    {
        return new Kept($part->id(), $part->version(), $part->toArray());
    }
}
