<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Http\Answer;
use App\Http\Paged;
use App\Http\PayloadResolver;
use App\Http\Precondition;
use App\UseCase\Shelf;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;

/** Everything that is stored, each kind under its own address. */
#[AsController]
final readonly class ShelfController
{
    public function __construct(private Shelf $shelf, private PayloadResolver $payload, private Answer $answer)
    {
    }

    public function list(string $name, Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->shelf->page($name, $paged->limit, $paged->after), $request);
    }

    public function add(string $name, Request $request): Response
    {
        return $this->answer->created($this->shelf->add($name, $this->payload->document($request, $this->shelf->document($name))), $name);
    }

    public function show(string $name, ?string $id = null): Response
    {
        return $this->answer->saved(null === $id ? $this->shelf->single($name) : $this->shelf->show($name, $id));
    }

    public function change(string $name, string $id, Request $request): Response
    {
        $document = $this->payload->document($request, $this->shelf->document($name));

        return $this->answer->saved($this->shelf->change($name, $id, $document, Precondition::version($request)));
    }

    public function replace(string $name, Request $request): Response
    {
        $document = $this->payload->document($request, $this->shelf->document($name));

        return $this->answer->nothing($this->shelf->replace($name, $document, Precondition::version($request)));
    }

    public function delete(string $name, string $id, Request $request): Response
    {
        $this->shelf->delete($name, $id, Precondition::version($request));

        return $this->answer->nothing();
    }

    public function restore(string $name, string $id): Response
    {
        return $this->answer->saved($this->shelf->restore($name, $id));
    }
}
