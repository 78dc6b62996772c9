<?php

declare(strict_types=1);

namespace Tests\app;

/** What the program lets in from outside, and what it tells a browser. */
final class BorderTest extends ApiTestCase
{
    public function testABrowserMayLoadOnlyWhatShipsWithTheProgram(): void
    {
        $this->send('GET', '/api/palette');
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("script-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertSame('nosniff', $this->browser->getResponse()->headers->get('X-Content-Type-Options'));
        self::assertSame('DENY', $this->browser->getResponse()->headers->get('X-Frame-Options'));
    }

    public function testAnotherSitesPageMayNotWrite(): void
    {
        $this->send('PUT', '/api/current-reading', ['reading' => self::reading()], ['HTTP_ORIGIN' => 'https://elsewhere.example']);
        self::assertSame(403, $this->answered());
        $this->send('PUT', '/api/current-reading', ['reading' => self::reading()], ['HTTP_SEC_FETCH_SITE' => 'cross-site']);
        self::assertSame(403, $this->answered());
        self::assertNull($this->send('GET', '/api/current-reading'));
    }

    public function testThePageItselfMayWrite(): void
    {
        $this->send(
            'PUT',
            '/api/current-reading',
            ['reading' => self::reading()],
            ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_SEC_FETCH_SITE' => 'same-origin'],
        );
        self::assertSame(204, $this->answered());
    }

    public function testOnlyJsonIsTaken(): void
    {
        $this->send('PUT', '/api/current-reading', 'reading=1', ['CONTENT_TYPE' => 'application/x-www-form-urlencoded']);
        self::assertSame(415, $this->answered());
    }

    public function testANameThatMerelyResolvesHereIsTurnedAway(): void
    {
        $this->send('GET', '/api/current-reading', null, ['HTTP_HOST' => 'kontrast.example']);
        self::assertSame(400, $this->answered());
    }

    public function testAPathThatIsNotThereIsAProblemInWords(): void
    {
        $this->send('GET', '/api/nowhere');
        self::assertSame(404, $this->answered());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    /** ASVS 4.0.3, 8.2.1 (from memory): what is stored is laid by in no cache; what ships with the program may be, and is asked about. */
    public function testNoCacheKeepsWhatIsStored(): void
    {
        $directives = function (string $path): string {
            $this->send('GET', $path);

            return (string) $this->browser->getResponse()->headers->get('Cache-Control');
        };
        foreach (['/api/settings', '/api/readings', '/api/parts', '/api/backup', '/api/access', '/'] as $path) {
            self::assertStringContainsString('no-store', $directives($path), $path);
        }
        self::assertStringContainsString('no-cache', $directives('/api/palette'));
    }
}
