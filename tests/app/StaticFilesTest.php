<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What was built goes out by the same door as every answer. */
final class StaticFilesTest extends ApiTestCase
{
    private string $script = '';

    protected function setUp(): void
    {
        parent::setUp();
        // A file of the test's own, so that it does not matter whether the front end has been built.
        $folder = \dirname(__DIR__, 2).'/public/build/assets';
        is_dir($folder) || mkdir($folder, 0o777, true);
        $this->script = 'assets/test-'.bin2hex(random_bytes(4)).'.js';
        $file = \dirname(__DIR__, 2)."/public/build/$this->script";
        file_put_contents($file, $plain = str_repeat('const plain = 1;', 100));
        file_put_contents("$file.gz", gzencode($plain, 9));
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove((array) glob(\dirname(__DIR__, 2)."/public/build/$this->script*"));
        parent::tearDown();
    }

    public function testWhatWasCompressedIsSentSoAndKeptForGood(): void
    {
        $this->send('GET', "/build/$this->script", null, ['HTTP_ACCEPT_ENCODING' => 'gzip']);
        $response = $this->browser->getResponse();
        self::assertInstanceOf(BinaryFileResponse::class, $response);
        self::assertSame(200, $response->getStatusCode());
        self::assertSame('gzip', $response->headers->get('Content-Encoding'));
        self::assertSame('Accept-Encoding', $response->headers->get('Vary'));
        self::assertStringContainsString('immutable', (string) $response->headers->get('Cache-Control'));
        self::assertSame((string) $response->getFile()->getSize(), $response->headers->get('Content-Length'));
        self::assertLessThan(200, $response->getFile()->getSize());
        self::assertSame('nosniff', $response->headers->get('X-Content-Type-Options'));
        self::assertNotNull($response->headers->get('Content-Security-Policy'));
        $this->send(
            'GET',
            "/build/$this->script",
            null,
            ['HTTP_IF_NONE_MATCH' => (string) $response->headers->get('ETag'), 'HTTP_ACCEPT_ENCODING' => 'gzip'],
        );
        self::assertSame(304, $this->answered());
    }

    public function testAClientThatReadsNothingCompressedGetsItPlain(): void
    {
        $this->send('GET', "/build/$this->script");
        self::assertNull($this->browser->getResponse()->headers->get('Content-Encoding'));
        self::assertSame('1600', $this->browser->getResponse()->headers->get('Content-Length'));
    }

    public function testNothingIsPostedToIt(): void
    {
        $this->send('POST', "/build/$this->script");
        self::assertSame(405, $this->answered());
        self::assertSame('GET', $this->browser->getResponse()->headers->get('Allow'));
    }

    public function testAnotherHostIsTurnedAway(): void
    {
        $this->browser->request('GET', "http://elsewhere.example/build/$this->script");
        self::assertSame(400, $this->answered());
    }

    #[DataProvider('outside')]
    public function testNothingElseIsServed(string $path, int $status): void
    {
        $this->send('GET', $path);
        self::assertSame($status, $this->answered());
        self::assertStringNotContainsString('<?php', $this->said());
    }

    /** @return iterable<string, array{string, int}> */
    public static function outside(): iterable
    {
        yield 'manifest' => ['/build/.vite/manifest.json', 404];
        yield 'above' => ['/build/../index.php', 404];
        yield 'above, hidden' => ['/build/%2e%2e/index.php', 404];
        yield 'a folder' => ['/build/assets', 404];
        yield 'the program' => ['/build/assets/../../../composer.json', 404];
        yield 'a null byte' => ['/build/x.js%00', 400];
        yield 'a null byte in an id' => ['/api/parts/%00', 400];
        yield 'not UTF-8' => ['/api/parts/%ff', 400];
    }

    public function testAnAnswerSaysHowLongItIs(): void
    {
        $this->send('GET', '/api/settings');
        $length = \strlen($this->said());
        self::assertSame((string) $length, $this->browser->getResponse()->headers->get('Content-Length'));
        $this->send('HEAD', '/api/settings');
        self::assertSame((string) $length, $this->browser->getResponse()->headers->get('Content-Length'));
        self::assertSame('', $this->said());
    }
}
