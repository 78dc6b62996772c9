<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Advice\ChartCellDocument;
use App\Contract\Advice\ChartDocument;
use App\Contract\Advice\ChartPicksDocument;
use App\Contract\Advice\ChartRequestDocument;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\Assembly;

/** What to tie over a range of waters. From one to the next only that is weighed again which hangs on what differs. */
final readonly class DrawChart
{
    public function __construct(private CurrentRules $rules)
    {
    }

    public function draw(ChartRequestDocument $asked): ChartDocument
    {
        $engine = $this->rules->engine();
        $reading = $this->rules->settle($asked->reading);
        $cells = [];
        foreach ($asked->visibility_in as $inches) {
            foreach ($asked->sky as $sky) {
                foreach ($asked->lures as $lure) {
                    $before = null;
                    foreach ($asked->forage as $forage) {
                        $here = $reading->with(visibility: Length::inches($inches), sky: $sky, lure: $lure, forage: $forage);
                        $before = null === $before ? $engine->decide($here) : $engine->reconsider($before, $here, 'forage', 'forage_also');
                        $cells[] = new ChartCellDocument($inches, $sky, $lure, $forage, ChartPicksDocument::of(new Assembly($before)));
                    }
                }
            }
        }

        return new ChartDocument($cells);
    }
}
