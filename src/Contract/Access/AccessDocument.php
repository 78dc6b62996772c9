<?php

declare(strict_types=1);

namespace App\Contract\Access;

use OpenApi\Attributes as OA;

/** Whether and where other devices reach Kontrast. */
#[OA\Schema(
    schema: 'Access',
    additionalProperties: false,
)]
final readonly class AccessDocument
{
    /**
     * @param list<string>          $addresses
     * @param list<SessionDocument> $sessions
     */
    public function __construct(
        #[OA\Property(description: 'Whether whoever asks came over the network, and so had to sign in.')]
        public bool $is_remote,
        public bool $has_pass_phrase,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string', format: 'uri'),
            description: 'Empty where only this machine is served.',
        )]
        public array $addresses,
        #[OA\Property(description: 'SHA-256 of the certificate a device has to trust; null where there is none.')]
        public ?string $fingerprint,
        public array $sessions,
    ) {
    }
}
