<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Inventory\PartMapper;
use App\Contract\Inventory\SwatchDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Kind\SwatchKind;
use App\Persistence\Rows;
use Kontrast\Inventory\BoxMixing;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;

/** What goes beside the parts owned, and what of them is carried away. */
final readonly class FindParts
{
    public function __construct(
        private Rows $rows,
        private InventoryPartKind $parts,
        private SwatchKind $swatches,
        private DocumentNormalizer $documents,
    ) {
    }

    /** @return list<array<string, mixed>> part documents as they travel: without what only this program needs */
    public function forExport(): array
    {
        return array_map(
            fn (InventoryPart $part): array => $this->documents->toStored($this->parts->documentOf($part, true)),
            $this->rows->all($this->parts),
        );
    }

    /** @return list<SwatchDocument> in the order they came in */
    public function swatches(): array
    {
        return array_map($this->swatches->documentOf(...), $this->rows->all($this->swatches));
    }

    /** @return list<array{name: string, hex: string}> swatches, then the colors of every part */
    public function colours(): array
    {
        $colours = array_map(static fn (SwatchDocument $one): array => ['name' => $one->name, 'hex' => $one->hex], $this->swatches());
        foreach ($this->rows->all($this->parts) as $one) {
            $part = $this->parts->documentOf($one);
            $named = null === $part->colour ? [] : [$part->name => $part->colour];
            foreach (['accent' => $part->accents, 'belly' => $part->belly] as $where => $some) {
                foreach ($some as $i => $colour) {
                    $named["$part->name, $where ".($i + 1)] = $colour;
                }
            }
            foreach ($named as $name => $colour) {
                $colours[] = ['name' => $name, 'hex' => PartMapper::colour($colour)->colour->toHex()];
            }
        }

        return $colours;
    }

    /** @return list<array{box: string, stretchy: list<string>, others: list<string>}> */
    public function mixedBoxes(): array
    {
        $trailers = [];
        foreach ($this->rows->all($this->parts) as $part) {
            if (PartKind::Trailer === $part->kind()) {
                $isStretchy = Plastic::Stretchy === $this->parts->documentOf($part)->plastic;
                $trailers[] = [
                    'box' => $part->box(),
                    'name' => $part->title(),
                    'plastic' => $isStretchy ? Plastic::Stretchy : Plastic::Soft,
                ];
            }
        }

        return BoxMixing::mixed($trailers);
    }
}
