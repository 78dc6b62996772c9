<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/**
 * What the published description says of an endpoint. Path and method come from its route, the body from its parameter with Payload, path
 * and query
 * parameters from the route and from Paged: none of it is said twice.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Operation
{
    /**
     * @param string                           $id          stays the same for ever: clients are named after it
     * @param class-string|string|null         $answer      the document it answers with, or the name of a component; null for an empty
     *        answer
     * @param list<int>                        $errors      beside those every endpoint can have
     * @param array<string, string>            $fields      instead of a document: fields of the answer with their types
     * @param string|null                      $media       instead of JSON
     * @param bool                             $isEdited    it answers with the version of what it answers with
     * @param bool                             $takesVersion it reads If-Match
     */
    public function __construct(
        public string $id,
        public string $summary,
        public ?string $answer = null,
        public bool $isList = false,
        public bool $isNullable = false,
        public int $status = 200,
        public array $errors = [],
        public array $fields = [],
        public ?string $media = null,
        public bool $isEdited = false,
        public bool $isPaged = false,
        public bool $isCached = false,
        public bool $takesVersion = false,
    ) {
    }
}
