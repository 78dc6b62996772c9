<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class PracticeCommandTest extends ApiTestCase
{
    public function testQuestionsComeInThePublishedShapeAndTheSameForTheSameSeed(): void
    {
        $first = self::practice(['--seed' => '42', '--count' => '3']);
        self::assertSame(0, $first->getStatusCode());
        $questions = json_decode($first->getDisplay(), false, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($questions);
        self::assertCount(3, $questions);
        foreach ($questions as $question) {
            Schema::assertValid('practice', (string) json_encode($question));
        }
        self::assertSame($first->getDisplay(), self::practice(['--seed' => '42', '--count' => '3'])->getDisplay());
    }

    public function testALevelIsKept(): void
    {
        $questions = json_decode(self::practice(['--seed' => '5', '--count' => '2', '--level' => '3'])->getDisplay(), true);
        self::assertIsArray($questions);
        self::assertSame([3, 3], array_column($questions, 'level'));
    }

    /** @param array<string, string> $options */
    #[DataProvider('bad')]
    public function testABadOptionIsNamed(array $options, string $says): void
    {
        $tester = self::practice($options);
        self::assertSame(2, $tester->getStatusCode());
        self::assertSame('', $tester->getDisplay());
        self::assertStringContainsString($says, $tester->getErrorOutput());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function bad(): iterable
    {
        yield 'no number' => [['--seed' => 'x'], 'seed: “x” is not a whole number from 0 on.'];
        yield 'too many' => [['--count' => '5001'], 'count: “5001” is not a whole number from 1 to 5000.'];
        yield 'no such level' => [['--level' => '6'], 'level: “6” is not a whole number from 1 to 5.'];
        yield 'half' => [['--count' => '1.5'], 'count: “1.5” is not a whole number'];
    }

    /** @param array<string, string> $options */
    private static function practice(array $options): CommandTester
    {
        $tester = new CommandTester((new Application(self::$kernel ?? self::bootKernel()))->find('kontrast:practice'));
        $tester->execute($options, ['capture_stderr_separately' => true]);

        return $tester;
    }
}
