<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Inventory\PatchColourDocument;
use App\Contract\Inventory\PatchRequestDocument;
use App\Contract\Inventory\PhotoRequestDocument;
use App\Contract\Inventory\PhotoSampleDocument;
use App\Contract\Inventory\ReadColourDocument;
use App\Contract\Inventory\ReadPatchDocument;
use App\Device\Colorimeter;
use App\Device\NoDevice;
use Kontrast\Inventory\PatchColours;
use Kontrast\Inventory\PhotoColour;
use Kontrast\Inventory\PhotoSample;
use Kontrast\Inventory\PhotoWarning;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Vision\Ciede2000;

/** Reads the color of a part off a photo or a colorimeter. */
final readonly class ReadColour
{
    private const READINGS = 3;

    public function __construct(private Colorimeter $colorimeter)
    {
    }

    public function fromPhoto(PhotoRequestDocument $photo): ReadColourDocument
    {
        $read = PhotoColour::read(self::samples($photo->card), self::samples($photo->part), self::known($photo->known));
        $warnings = array_map(static fn (PhotoWarning $warning): string => $warning->label(), $read->warnings);

        return ReadColourDocument::of($read->colour, $read->spread, $warnings);
    }

    public function fromPatch(PatchRequestDocument $photo): ReadPatchDocument
    {
        $card = self::samples($photo->card);
        $known = self::known($photo->known);
        $pixels = array_map(Srgb::hex(...), $photo->pixels);
        $found = PatchColours::find(PhotoColour::balanced($card, [] !== $pixels ? $pixels : throw self::unchecked(), $known));

        return new ReadPatchDocument(
            array_map(PatchColourDocument::of(...), $found),
            array_map(static fn (PhotoWarning $warning): string => $warning->label(), PhotoColour::doubts($card, $known)),
        );
    }

    /** @throws NoDevice */
    public function fromColorimeter(): ReadColourDocument
    {
        $readings = $this->colorimeter->read(self::READINGS);
        $mean = static fn (callable $of): float => array_sum(array_map($of, $readings)) / \count($readings);
        $colour = Srgb::nearest(new Xyz(
            $mean(static fn (Xyz $xyz): float => $xyz->x),
            $mean(static fn (Xyz $xyz): float => $xyz->y),
            $mean(static fn (Xyz $xyz): float => $xyz->z),
        ));
        $off = array_map(static fn (Xyz $xyz): float => Ciede2000::between($colour->toLab(), Srgb::nearest($xyz)->toLab()), $readings);

        return ReadColourDocument::of($colour, max($off), []);
    }

    /**
     * @param list<PhotoSampleDocument> $samples
     *
     * @return non-empty-list<PhotoSample>
     */
    private static function samples(array $samples): array
    {
        $taken = array_map(static fn (PhotoSampleDocument $sample): PhotoSample => $sample->toTap(), $samples);

        return [] !== $taken ? $taken : throw self::unchecked();
    }

    private static function known(?string $hex): ?Srgb
    {
        return null === $hex ? null : Srgb::hex($hex);
    }

    private static function unchecked(): \LogicException
    {
        return new \LogicException('Checked before.');
    }
}
