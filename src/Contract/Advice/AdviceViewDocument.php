<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use OpenApi\Attributes as OA;

/** All that a page about an advice shows, in one answer. */
#[OA\Schema(schema: 'AdviceView', additionalProperties: false, required: ['advice', 'scene', 'opinions', 'changes'])]
final readonly class AdviceViewDocument
{
    /**
     * @param list<OpinionDocument> $opinions
     * @param list<ChangeDocument>  $changes
     */
    public function __construct(
        #[OA\Property(ref: AdviceDocument::class)]
        public AdviceDocument $advice,
        #[OA\Property(ref: SceneDocument::class, description: 'How the advised lure looks at each distance.')]
        public SceneDocument $scene,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OpinionDocument::class))]
        public array $opinions,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: ChangeDocument::class),
            description: 'Compared with the reading before; empty if none was given.',
        )]
        public array $changes,
    ) {
    }
}
