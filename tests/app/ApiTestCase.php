<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;

/** Speaks JSON with the program as a browser would, without a network. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient([], ['HTTP_HOST' => 'localhost']);
        $this->browser->disableReboot();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        restore_exception_handler();
    }

    /**
     * @param array<string, string> $headers
     *
     * @return array<mixed>|null the answer, null where it has no body
     *
     * @phpstan-impure
     */
    protected function send(string $method, string $path, mixed $body = null, array $headers = []): ?array
    {
        $content = \is_string($body) ? $body : (null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
        $this->browser->request($method, $path, [], [], ['CONTENT_TYPE' => 'application/json', ...$headers], $content);
        $answer = json_decode($this->said(), true);

        return \is_array($answer) ? $answer : null;
    }

    /** The answer as it was sent, also one that went out piece by piece. */
    protected function said(): string
    {
        return $this->browser->getInternalResponse()->getContent();
    }

    /** What Doctrine has read already is read anew. */
    protected static function forgetEntities(): void
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $manager->clear();
    }

    /**
     * The text of an answer of `send`, found by its keys.
     *
     * @param array<mixed>|null $answer
     */
    protected static function textAt(?array $answer, int|string ...$keys): string
    {
        $node = $answer;
        foreach ($keys as $key) {
            self::assertIsArray($node);
            $node = $node[$key] ?? null;
        }
        self::assertIsString($node);

        return $node;
    }

    /**
     * @param array<mixed>|null $answer
     *
     * @return array<mixed>
     */
    protected static function listAt(?array $answer, int|string ...$keys): array
    {
        $node = $answer;
        foreach ($keys as $key) {
            self::assertIsArray($node);
            $node = $node[$key] ?? null;
        }
        self::assertIsArray($node);

        return $node;
    }

    /** @phpstan-impure */
    protected function answered(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    /** @return array<string, string> messages by field */
    protected function faults(): array
    {
        $problem = json_decode($this->said(), true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($problem);
        self::assertIsArray($problem['faults']);
        $faults = [];
        foreach ($problem['faults'] as $fault) {
            self::assertIsArray($fault);
            self::assertIsString($fault['field']);
            self::assertIsString($fault['message']);
            $faults[$fault['field']] = $fault['message'];
        }

        return $faults;
    }

    /** @return array<string, mixed> a valid reading to change a little */
    protected static function reading(): array
    {
        return Samples::reading();
    }
}
