<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Error\InvalidDocument;
use App\UseCase\Access\SetPassPhrase;
use App\UseCase\Access\SignInWaits;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** Served to the network, nothing answers a stranger; who knows the pass phrase is let in until they go. */
final class AccessTest extends ApiTestCase
{
    private const PHRASE = 'tamarack lantern copper walleye';
    private const COOKIE = '__Host-kontrast';
    private const NAME = 'bench.example';
    private MockClock $clock;

    protected function setUp(): void
    {
        $_SERVER['KONTRAST_NETWORK'] = '1';
        $_SERVER['KONTRAST_HOSTS'] = '^bench\.example$,^192\.168\.1\.20$';
        $this->clock = new MockClock('2031-05-01 08:00:00 UTC');
        Clock::set($this->clock);
        parent::setUp();
        $this->browser->setServerParameters(['HTTP_HOST' => self::NAME, 'HTTPS' => 'on', 'REMOTE_ADDR' => '192.168.1.31']);
        // One container for all requests of a test, as one database is.
        $this->browser->disableReboot();
        $this->setPhrase(self::PHRASE);
    }

    protected function tearDown(): void
    {
        unset($_SERVER['KONTRAST_NETWORK'], $_SERVER['KONTRAST_HOSTS']);
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    #[DataProvider('operations')]
    public function testNoOperationAnswersAStranger(string $method, string $path): void
    {
        $this->send($method, $path, 'GET' === $method ? null : new \stdClass());
        self::assertSame(401, $this->answered(), "$method $path");
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertStringContainsString('Sign in first.', $this->said());
    }

    /** @return iterable<string, array{string, string}> every one of the published document but the sign-in itself */
    public static function operations(): iterable
    {
        $paths = (new OpenApiDocument())->document['paths'];
        self::assertIsArray($paths);
        foreach ($paths as $path => $operations) {
            self::assertIsArray($operations);
            foreach (array_intersect(['get', 'put', 'post', 'patch', 'delete'], array_keys($operations)) as $method) {
                if ('/api/sign-in' !== $path) {
                    $filled = (string) preg_replace('/\{\w+\}/', '01911b1e-0000-7000-8000-000000000001', (string) $path);
                    yield strtoupper($method)." $path" => [strtoupper($method), $filled];
                }
            }
        }
    }

    #[TestWith(['/', 303])]
    #[TestWith(['/sw.js', 401])]
    #[TestWith(['/build/mark.svg', 401])]
    #[TestWith(['/sign-in', 200])]
    #[TestWith(['/sign-in/authority.crt', 404])]
    #[TestWith(['/sign-in/main.ts', 404])]
    #[TestWith(['/sign-in/..%2f..%2f.env', 404])]
    public function testOfPagesOnlyTheSignInIsShown(string $path, int $status): void
    {
        $this->send('GET', $path);
        self::assertSame($status, $this->answered());
    }

    public function testThePhraseLetsIn(): void
    {
        $this->signIn();
        self::assertSame(204, $this->answered());
        $cookie = $this->browser->getResponse()->headers->getCookies()[0];
        self::assertSame(self::COOKIE, $cookie->getName());
        self::assertTrue($cookie->isSecure() && $cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame('/', $cookie->getPath());
        self::assertNull($cookie->getDomain());
        $this->send('GET', '/api/settings');
        self::assertSame(200, $this->answered());
    }

    #[TestWith(['tamarack lantern copper walley'])]
    #[TestWith(['Tamarack lantern copper walleye'])]
    #[TestWith(['x'])]
    #[TestWith([''])]
    public function testNothingTellsHowWrongAPhraseIs(string $phrase): void
    {
        $this->signIn($phrase);
        self::assertSame(401, $this->answered());
        self::assertSame('This is not the pass phrase.', $this->detail());
        self::assertSame([], $this->browser->getResponse()->headers->getCookies());
    }

    public function testAFewMayBeWrongThenOneWaitsEachTimeLonger(): void
    {
        $waits = [];
        for ($i = 0; $i < 8; ++$i) {
            $this->signIn('not this one, surely');
            if (429 === $this->answered()) {
                $waits[] = (int) $this->browser->getResponse()->headers->get('Retry-After');
                $this->clock->sleep(end($waits));
                --$i;
            }
        }
        self::assertSame([1, 2, 4, 8, 16], $waits);
    }

    public function testWhileItHasToWaitTheRightPhraseIsNotLookedAt(): void
    {
        $this->fail_(3);
        $this->signIn();
        self::assertSame(429, $this->answered());
        self::assertSame('Too many wrong pass phrases. Try again in 1 second.', $this->detail());
        $this->clock->sleep(1);
        $this->signIn();
        self::assertSame(204, $this->answered());
    }

    public function testAnotherAddressDoesNotWaitForIt(): void
    {
        $this->fail_(3);
        $this->signIn(from: '192.168.1.99');
        self::assertSame(204, $this->answered());
    }

    public function testManyAddressesTogetherHaveToWaitToo(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            $this->signIn('not this one, surely', "10.0.0.$i");
            self::assertSame(401, $this->answered());
        }
        $this->signIn('not this one, surely', '10.0.1.1');
        self::assertSame(429, $this->answered());
    }

    public function testOneHouseholdsNewKindOfAddressesAreOne(): void
    {
        foreach (['fd00::1', 'fd00::2', 'fd00::3'] as $address) {
            $this->signIn('not this one, surely', $address);
        }
        $this->signIn(from: 'fd00::4');
        self::assertSame(429, $this->answered());
    }

    public function testWhatWasWrongIsForgottenAfterAnHour(): void
    {
        $this->fail_(3);
        $this->clock->sleep(SignInWaits::MEMORY_S + 1);
        $this->fail_(3);
        self::assertSame(401, $this->answered());
    }

    #[TestWith([0, false, 0])]
    #[TestWith([3, false, 1])]
    #[TestWith([10, false, 128])]
    #[TestWith([60, false, 900])]
    #[TestWith([29, true, 0])]
    #[TestWith([35, true, 32])]
    #[TestWith([90, true, 60])]
    public function testWaitsGrowUpToALongest(int $failures, bool $isInAll, int $seconds): void
    {
        self::assertSame($seconds, SignInWaits::after($failures, $isInAll));
    }

    public function testASessionBeginsWithATokenOfItsOwn(): void
    {
        $planted = str_repeat('A', 43);
        $this->browser->getCookieJar()->set(new Cookie(self::COOKIE, $planted, null, '/', '', true));
        $this->signIn();
        $first = $this->browser->getResponse()->headers->getCookies()[0]->getValue();
        $this->signIn();
        $second = $this->browser->getResponse()->headers->getCookies()[0]->getValue();
        self::assertNotSame($planted, $first);
        self::assertNotSame($first, $second);
        self::assertSame(401, $this->with($planted));
    }

    public function testAStolenCookieIsWorthNothingAfterSignOut(): void
    {
        $token = $this->signIn();
        self::assertSame(200, $this->with($token));
        $this->send('POST', '/api/sign-out');
        self::assertSame(204, $this->answered());
        self::assertSame('"cache", "cookies", "storage"', $this->browser->getResponse()->headers->get('Clear-Site-Data'));
        self::assertSame(401, $this->with($token));
    }

    public function testSessionsAreListedAndEnded(): void
    {
        $phone = $this->signIn(device: 'Phone');
        $this->clock->sleep(60);
        $this->signIn(device: 'Tablet', from: '192.168.1.44');
        $access = $this->send('GET', '/api/access');
        self::assertIsArray($access);
        self::assertTrue($access['is_remote']);
        $sessions = $access['sessions'];
        self::assertIsArray($sessions);
        self::assertSame(['Tablet', 'Phone'], array_column($sessions, 'device'));
        self::assertSame([true, false], array_column($sessions, 'is_this'));
        self::assertSame(['192.168.1.44', '192.168.1.31'], array_column($sessions, 'address'));
        self::assertStringNotContainsString($phone, $this->said());
        $this->send('DELETE', '/api/sessions/'.self::textAt($access, 'sessions', 1, 'id'));
        self::assertSame(204, $this->answered());
        self::assertSame(401, $this->with($phone));
    }

    public function testANewPhraseEndsAllSessions(): void
    {
        $token = $this->signIn();
        self::assertSame(1, $this->setPhrase('another row of odd words'));
        self::assertSame(401, $this->with($token));
        $this->signIn();
        self::assertSame(401, $this->answered());
    }

    public function testASessionIsOverAfterAMonth(): void
    {
        $token = $this->signIn();
        $this->clock->sleep(30 * 86_400 - 1);
        self::assertSame(200, $this->with($token));
        $this->clock->sleep(1);
        self::assertSame(401, $this->with($token));
    }

    public function testTheDatabaseHoldsNothingToSignInWith(): void
    {
        $token = $this->signIn();
        $path = $_SERVER['KONTRAST_DB'] ?? $_ENV['KONTRAST_DB'] ?? '';
        self::assertIsString($path);
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);
        $stored = json_encode([
            $connection->fetchAllAssociative('SELECT * FROM session'),
            $connection->fetchAllAssociative('SELECT * FROM pass_phrase'),
        ], \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString($token, $stored);
        self::assertStringNotContainsString('tamarack', $stored);
        self::assertStringContainsString('$argon2id$', $stored);
    }

    public function testSignedInAnotherSitesPageStillMayNotWrite(): void
    {
        $token = $this->signIn();
        foreach (['HTTP_ORIGIN' => 'https://elsewhere.example', 'HTTP_SEC_FETCH_SITE' => 'cross-site'] as $header => $value) {
            $this->send('POST', '/api/sign-out', null, [$header => $value]);
            self::assertSame(403, $this->answered());
        }
        self::assertSame(200, $this->with($token));
    }

    #[TestWith(['localhost'])]
    #[TestWith(['127.0.0.1'])]
    #[TestWith(['bench.example.evil.example'])]
    public function testServedToTheNetworkOnlyItsOwnNamesAreServed(string $host): void
    {
        $this->send('GET', '/sign-in', null, ['HTTP_HOST' => $host]);
        self::assertSame(400, $this->answered());
    }

    #[TestWith(['bench.example', true])]
    #[TestWith(['192.168.1.20', false])]
    public function testABareAddressIsNotRememberedAsSafe(string $host, bool $isRemembered): void
    {
        $this->send('GET', '/sign-in', null, ['HTTP_HOST' => $host]);
        self::assertSame(200, $this->answered());
        self::assertSame($isRemembered, $this->browser->getResponse()->headers->has('Strict-Transport-Security'));
    }

    public function testTheNetworkCannotBeTalkedOutOfIt(): void
    {
        $lies = ['HTTP_KONTRAST_NETWORK' => '0', 'HTTP_X_FORWARDED_FOR' => '127.0.0.1', 'HTTP_X_FORWARDED_HOST' => 'localhost'];
        foreach ($lies as $name => $value) {
            $this->send('GET', '/api/settings', null, [$name => $value]);
            self::assertSame(401, $this->answered(), $name);
        }
    }

    public function testALongPhraseIsTurnedAwayUnread(): void
    {
        $this->signIn(str_repeat('x', 5000));
        self::assertSame(413, $this->answered());
    }

    #[TestWith(['short', 'A pass phrase has from 12 to 128 characters. This one has 5.'])]
    #[TestWith(['aaaaaaaaaaaaaaaa', 'This is too easy to guess. Use four or five words that do not belong together.'])]
    public function testAWeakPhraseIsNotSet(string $phrase, string $says): void
    {
        try {
            $this->setPhrase($phrase);
            self::fail('It was taken.');
        } catch (InvalidDocument $invalid) {
            self::assertSame(["pass_phrase: $says"], $invalid->lines());
        }
        $this->signIn();
        self::assertSame(204, $this->answered());
    }

    private function setPhrase(string $phrase): int
    {
        $set = self::getContainer()->get(SetPassPhrase::class);
        self::assertInstanceOf(SetPassPhrase::class, $set);

        return $set->set($phrase);
    }

    /** @return string the token, where it was let in */
    private function signIn(string $phrase = self::PHRASE, string $from = '192.168.1.31', string $device = 'Phone'): string
    {
        $this->send('POST', '/api/sign-in', ['pass_phrase' => $phrase], ['REMOTE_ADDR' => $from, 'HTTP_USER_AGENT' => $device]);

        return (string) ($this->browser->getResponse()->headers->getCookies()[0] ?? null)?->getValue();
    }

    private function fail_(int $times): void
    {
        for ($i = 0; $i < $times; ++$i) {
            $this->signIn('not this one, surely');
        }
    }

    /** The answer that whoever has this token gets. */
    private function with(string $token): int
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set(new Cookie(self::COOKIE, $token, null, '/', '', true));
        $this->send('GET', '/api/settings');

        return $this->answered();
    }

    private function detail(): string
    {
        $problem = json_decode($this->said(), true);
        self::assertIsArray($problem);
        self::assertIsString($problem['detail']);

        return $problem['detail'];
    }
}
