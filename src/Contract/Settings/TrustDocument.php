<?php

declare(strict_types=1);

namespace App\Contract\Settings;

use App\Contract\Error\Fault;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Trust;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A pick that the angler has confidence in: of two that are equal it is tied first. */
#[OA\Schema(schema: 'Trust', additionalProperties: false)]
final readonly class TrustDocument
{
    public function __construct(
        public Slot $pick,
        public string $value,
    ) {
    }

    #[Assert\Callback]
    public function isThere(ExecutionContextInterface $context): void
    {
        if (!Trust::isOf($this->pick, $this->value)) {
            $picks = implode(', ', array_map(static fn (Slot $pick): string => $pick->value, Trust::PICKS));
            $context->buildViolation("There is no such pick to trust. Allowed: a value of $picks.")
                ->atPath('value')->setCode(Fault::NOT_ALLOWED)->addViolation();
        }
    }
}
