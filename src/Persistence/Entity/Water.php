<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Reading\WaterDocument;
use App\Contract\Trip\PlaceDocument;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Tint;
use Kontrast\Sun\NotAPlace;
use Kontrast\Sun\Place;
use Symfony\Component\Uid\Uuid;

/** A place the angler goes back to, with what is usual there. */
#[ORM\Entity]
#[ORM\Table(name: 'water')]
class Water implements Deletable
{
    use DeletedAt;
    use Identified;
    use Named;
    use Versioned;

    #[ORM\Column(length: 20, enumType: Tint::class)]
    private Tint $tint;
    #[ORM\Column]
    private bool $redCrawfish;
    #[ORM\Column(length: 20, nullable: true, enumType: Forage::class)]
    private ?Forage $forage;
    #[ORM\Column(length: 1000)]
    private string $note;
    /** Degrees, north and east positive; both null where nobody said. */
    #[ORM\Column(nullable: true)]
    private ?float $latitude;
    #[ORM\Column(nullable: true)]
    private ?float $longitude;
    #[ORM\Column(length: 60, nullable: true)]
    private ?string $timeZone;

    public function __construct(WaterDocument $water)
    {
        $this->id = $water->id ?? Uuid::v7()->toRfc4122();
        $this->replace($water);
    }

    public function replace(WaterDocument $water): void
    {
        $this->name = trim($water->name);
        $this->tint = $water->tint;
        $this->redCrawfish = $water->red_crawfish;
        $this->forage = $water->forage;
        $this->note = $water->note;
        $this->latitude = $water->place?->latitude;
        $this->longitude = $water->place?->longitude;
        $this->timeZone = $water->place?->time_zone;
    }

    public function document(): WaterDocument
    {
        $isPlaced = null !== $this->latitude && null !== $this->longitude && null !== $this->timeZone;

        return new WaterDocument(
            $this->name,
            $this->tint,
            $this->redCrawfish,
            $this->id,
            $this->forage,
            $this->note,
            $isPlaced ? new PlaceDocument($this->latitude, $this->longitude, $this->timeZone) : null,
        );
    }

    /** The clock that people keep there; without a place, that of the machine. */
    public static function clockAt(?self $water): \DateTimeZone
    {
        return $water?->place()->zone ?? new \DateTimeZone(date_default_timezone_get());
    }

    /** Null where nobody said, or where the clock named is none. */
    public function place(): ?Place
    {
        if (null === $this->latitude || null === $this->longitude || null === $this->timeZone) {
            return null;
        }
        try {
            return Place::at($this->latitude, $this->longitude, $this->timeZone);
        } catch (NotAPlace) {
            return null;
        }
    }
}
