<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is in the box from now on, and what whoever changed it thought was in it. */
#[OA\Schema(schema: 'BoxChange', additionalProperties: false)]
final readonly class BoxChangeDocument
{
    public function __construct(
        #[Assert\Valid]
        public CarriedBoxDocument $before,
        #[Assert\Valid]
        public CarriedBoxDocument $box,
    ) {
    }
}
