<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Moment;
use Kontrast\Logbook\MomentNotice;
use OpenApi\Attributes as OA;

/** A moment that has come in the last days, or is near. */
#[OA\Schema(schema: 'SeasonNotice', additionalProperties: false)]
final readonly class SeasonNoticeDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public Moment $moment,
        #[OA\Property(description: 'The moment, in a few words.')]
        public string $words,
        public bool $has_come,
        #[OA\Property(description: 'When it came, or the day of the last temperature.')]
        public string $date,
        public float $surface_f,
        #[OA\Property(description: 'What it means for what is tied on.')]
        public string $meaning,
        public array $facts,
    ) {
    }

    public static function of(MomentNotice $notice): self
    {
        return new self(
            $notice->moment,
            $notice->moment->label(),
            $notice->hasCome,
            $notice->date,
            $notice->fahrenheit,
            $notice->moment->meaning(),
            $notice->moment->facts(),
        );
    }
}
