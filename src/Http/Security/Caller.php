<?php

declare(strict_types=1);

namespace App\Http\Security;

use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever may see and change everything: the angler, at this machine or on a device that signed in. */
final readonly class Caller implements UserInterface
{
    public const ROLE = 'ROLE_ANGLER';

    /** @param string|null $session null at this machine itself */
    public function __construct(public ?string $session)
    {
    }

    public function getRoles(): array
    {
        return [self::ROLE];
    }

    public function eraseCredentials(): void
    {
    }

    public function getUserIdentifier(): string
    {
        return 'angler';
    }
}
