<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use OpenApi\Attributes as OA;

/** All that a page about an advice shows, in one answer. */
#[OA\Schema(schema: 'AdviceView', additionalProperties: false)]
final readonly class AdviceViewDocument
{
    /**
     * @param list<OpinionDocument> $opinions
     * @param list<ChangeDocument>  $changes
     */
    public function __construct(
        public AdviceDocument $advice,
        #[OA\Property(description: 'How the advised lure looks at each distance.')]
        public SceneDocument $scene,
        public array $opinions,
        #[OA\Property(description: 'Compared with the reading before; empty if none was given.')]
        public array $changes,
    ) {
    }
}
