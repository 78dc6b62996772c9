<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** What a stint follows of the advice, and what the log answers when it is asked which of two is better. */
final class AskLogTest extends OutingTestCase
{
    private const ADVISED = '/api/outings/'.self::OUTING;

    /** The advice for this water and jig, part by part, is what the stint is held against. */
    public function testAStintKnowsInWhichPicksItIsAsAdvised(): void
    {
        $advice = $this->send('POST', '/api/advice', ['lure' => 'jig'] + Samples::reading());
        self::assertIsArray($advice);
        $skirt = ['colour' => self::textAt($advice, 'skirt', 'base')] + Samples::skirt();
        $this->begin();
        $other = 'white' === $skirt['colour'] ? 'black' : 'white';
        $asAdvised = ['build' => ['skirt' => $skirt] + Samples::build()] + self::stint('09:00');
        $followed = self::listAt($this->send('PUT', self::stintPath(), $asAdvised), 'stints', 0, 'followed');
        self::assertContains('skirt.base', $followed);
        self::assertContains('blades.finish', $followed, 'A jig has no blade, and none is advised.');
        $otherwise = ['build' => ['skirt' => ['colour' => $other] + $skirt] + Samples::build()] + self::stint('10:00');
        $outing = $this->send('PUT', self::stintPath(9), $otherwise);
        $without = array_filter($followed, static fn (mixed $pick): bool => 'skirt.base' !== $pick);
        self::assertSame(array_values($without), self::listAt($outing, 'stints', 1, 'followed'));
    }

    public function testWhereTheWaterWasNotSeenNobodyKnows(): void
    {
        $this->begin();
        $outing = $this->send('PUT', self::stintPath(), ['reading' => new \stdClass()] + self::stint('09:00'));
        self::assertNull(self::listAt($outing, 'stints', 0)['followed']);
    }

    /** Said by whoever was there it stands; it stays when something else is told, and is worked out again when the lure is. */
    public function testWhatIsFollowedStaysUntilTheLureIsToldOtherwise(): void
    {
        $this->begin();
        $said = ['followed' => ['skirt.base'], 'why_not' => 'None in the box'];
        $this->send('PUT', self::stintPath(), $said + self::stint('09:00'));
        $outing = $this->send('GET', self::ADVISED);
        self::assertIsArray($outing);
        $told = static fn (array $outing, array $change): array => ['box' => new \stdClass(), 'stints' => [
            $change + self::listAt($outing, 'stints', 0),
        ]] + $outing;
        $outing = $this->send('PUT', self::ADVISED, $told($outing, ['why_not' => 'Trust mine']));
        self::assertSame(200, $this->answered(), $this->said());
        self::assertSame([['skirt.base'], 'Trust mine'], [
            self::listAt($outing, 'stints', 0)['followed'],
            self::listAt($outing, 'stints', 0)['why_not'],
        ]);
        self::assertIsArray($outing);
        $pink = ['skirt' => ['colour' => 'pink'] + Samples::skirt()] + Samples::build();
        $outing = $this->send('PUT', self::ADVISED, $told($outing, ['build' => $pink]));
        self::assertNotContains('skirt.base', self::listAt($outing, 'stints', 0, 'followed'));
    }

    /** None of it is not the same as nobody knows: both survive a table, a backup and a damaged memory of neither. */
    public function testNothingFollowedIsKeptApartFromNothingKnown(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), ['followed' => []] + self::stint('09:00'));
        $this->send('PUT', self::stintPath(9), ['reading' => new \stdClass()] + self::stint('10:00'));
        $this->send('POST', self::ADVISED.'/end', ['ended_at' => self::at('11:00')]);
        $followed = fn (): array => array_column(self::listAt($this->send('GET', self::ADVISED), 'stints'), 'followed');
        self::assertSame([[], null], $followed());
        $this->browser->request('GET', '/api/outings/table');
        $table = $this->said();
        $backup = $this->send('GET', '/api/backup');
        $this->send('POST', '/api/backup', $backup);
        self::assertSame([[], null], $followed());
        $this->send('DELETE', self::ADVISED);
        self::assertStringContainsString(',none,', $table);
    }

    /** Three picks of four are as advised, two are not; what nobody knows is neither. */
    public function testAllButOnePickIsAsAdvised(): void
    {
        $this->begin();
        $picks = ['blades.finish', 'skirt.base', 'trailer.style', 'trailer.base'];
        foreach ([4, 3, 2, 0] as $i => $many) {
            $at = \sprintf('%02d:00', 9 + $i);
            $this->send('PUT', self::stintPath(2 + $i), ['followed' => \array_slice($picks, 0, $many)] + self::stint($at));
        }
        $this->send('PUT', self::stintPath(9), ['reading' => new \stdClass()] + self::stint('13:00'));
        $this->send('POST', self::ADVISED.'/end', ['ended_at' => self::at('14:00')]);
        $advice = self::listAt($this->send('GET', '/api/logbook/analysis'), 'advice');
        self::assertEquals([2, 2, null], [$advice['hours_followed'], $advice['hours_not'], $advice['ratio']]);
    }

    /** @param array<string, non-empty-string> $faults */
    #[DataProvider('unanswerable')]
    public function testAQuestionThatCannotBeAnsweredIsToldByField(string $query, array $faults): void
    {
        $this->send('GET', "/api/logbook/ask?$query");
        self::assertSame(422, $this->answered());
        foreach ($faults as $field => $says) {
            self::assertStringStartsWith($says, $this->faults()[$field] ?? '', $field);
        }
    }

    /** @return iterable<string, array{string, array<string, non-empty-string>}> */
    public static function unanswerable(): iterable
    {
        yield 'nothing asked' => ['', array_fill_keys(['factor', 'a', 'b'], 'This field is missing')];
        yield 'what nobody chooses' => ['factor=sky&a=sun&b=rain', ['factor' => 'Only what an angler chooses is compared: finish, skirt']];
        yield 'one and the same' => ['factor=skirt&a=black&b=black', ['b' => 'Both are the same.']];
        yield 'nothing' => ['factor=skirt&a=&b=black', ['a' => 'There is no skirt color “”.']];
        yield 'what there is not' => ['factor=finish&a=gold&b=shiny', ['b' => 'There is no blade finish “shiny”.']];
        yield 'a clarity that is none' => ['factor=skirt&a=black&b=blue&clarity=thick', ['clarity' => '"thick" is not allowed here.']];
    }

    /** Black got twice the bites of blue, day by day: the answer says so of this water, and that nothing is known of another one. */
    public function testTheLogAnswersWithOneHonestSentence(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', Samples::water()), 'id');
        for ($day = 1; $day <= 9; ++$day) {
            $at = static fn (string $time): string => "2026-04-0{$day}T$time:00+00:00";
            $bites = static fn (int $hour, int $many): array => array_map(
                static fn (int $i): array => ['at' => $at(\sprintf('%02d:%02d', $hour, 5 * $i)), 'kind' => 'bite'],
                range(1, $many),
            );
            $stint = static fn (int $hour, string $colour, int $many): array => [
                'started_at' => $at("0$hour:00"), 'ended_at' => $at(\sprintf('%02d:00', $hour + 1)), 'reading' => Samples::reading(),
                'build' => ['skirt' => ['name' => "$colour skirt", 'colour' => $colour] + Samples::skirt()] + Samples::build(),
                'events' => $bites($hour, $many),
            ];
            $outing = ['started_at' => $at('06:00'), 'ended_at' => $at('08:00'), 'water_id' => $water];
            $id = self::textAt($this->send('POST', '/api/outings', $outing), 'id');
            $stored = (array) $this->send('GET', "/api/outings/$id");
            $stints = [$stint(6, 'black', 8), $stint(7, 'blue', 4)];
            $this->send('PUT', "/api/outings/$id", ['box' => new \stdClass(), 'stints' => $stints] + $stored);
            self::assertSame(200, $this->answered(), $this->said());
        }
        $asked = 'factor=skirt&a=black&b=blue&clarity=stained';
        $answer = $this->send('GET', "/api/logbook/ask?$asked&water_id=$water&season=summer");
        self::assertIsArray($answer);
        self::assertEquals(['skirt', 'black', 'blue', 'stained', 18], [
            $answer['factor'], $answer['a'], $answer['b'], $answer['where'], $answer['hours'],
        ]);
        self::assertGreaterThan(1.3, $answer['ratio']);
        self::assertStringStartsWith('Black got 1.', self::textAt($answer, 'words'));
        self::assertStringContainsString('times the bites of blue in stained water, all else being equal', self::textAt($answer, 'words'));
        self::assertSame($answer, $this->send('GET', "/api/logbook/ask?$asked"));
        $turned = $this->send('GET', '/api/logbook/ask?factor=skirt&a=blue&b=black&clarity=stained');
        self::assertSame($answer['words'], $turned['words'] ?? '');
        $none = $this->send('GET', "/api/logbook/ask?$asked&season=winter");
        self::assertStringStartsWith('Not told yet: black or blue in stained water.', self::textAt($none, 'words'));
        $pair = $this->send('GET', "/api/logbook/pair?$asked");
        self::assertSame('black skirt', self::textAt($pair, 'a', 'skirt', 'name'));
        self::assertSame('blue skirt', self::textAt($pair, 'b', 'skirt', 'name'));
        self::assertSame([null, null], array_values((array) $this->send('GET', '/api/logbook/pair?factor=finish&a=gold&b=silver')));
    }
}
