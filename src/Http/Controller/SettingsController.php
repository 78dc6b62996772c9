<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Settings\SettingsDocument;
use App\Http\Answer;
use App\Http\Precondition;
use App\UseCase\Settings\KeepSettings;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The angler’s standing choices. */
#[Route('/api/settings')]
final readonly class SettingsController
{
    public function __construct(private KeepSettings $keep, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('settings', 'The settings', SettingsDocument::class, isEdited: true)]
    public function show(): Response
    {
        return $this->answer->kept($this->keep->show());
    }

    #[Route(methods: ['PUT'])]
    #[Operation('changeSettings', 'Change the settings', status: 204, isEdited: true)]
    public function replace(#[Payload] SettingsDocument $settings, Request $request): Response
    {
        return $this->answer->nothing($this->keep->replace($settings, Precondition::version($request)));
    }
}
