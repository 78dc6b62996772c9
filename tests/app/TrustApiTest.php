<?php

declare(strict_types=1);

namespace Tests\app;

/** What the angler trusts is stored with the settings, and ties where two picks are equal. */
final class TrustApiTest extends ApiTestCase
{
    public function testOfTwoEqualPicksTheTrustedOneIsTied(): void
    {
        $reading = ['lure' => 'jig', 'visibility_in' => 0.9, 'forage' => 'perch', 'sky' => 'sun'] + self::reading();
        self::assertSame(['black', 'yellow'], $this->skirt($reading));
        $this->trust(['pick' => 'skirt.base', 'value' => 'yellow']);
        self::assertSame(204, $this->answered(), $this->said());
        self::assertSame(['yellow', 'black'], $this->skirt($reading));
        $this->trust();
        self::assertSame(['black', 'yellow'], $this->skirt($reading));
    }

    public function testWhatCannotBeTrustedIsRefusedByItsField(): void
    {
        foreach ([['pick' => 'skirt.base', 'value' => 'mauve'], ['pick' => 'head.weight_oz', 'value' => '3/8 oz']] as $one) {
            $problem = $this->trust($one);
            self::assertSame(422, $this->answered());
            self::assertIsArray($problem);
            self::assertIsArray($problem['faults']);
            self::assertSame(['trusted[0].value'], array_column($problem['faults'], 'field'));
        }
    }

    /**
     * @param array<string, string> ...$trusted
     *
     * @return array<mixed>|null
     */
    private function trust(array ...$trusted): ?array
    {
        return $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'trusted' => $trusted]);
    }

    /**
     * @param array<string, mixed> $reading
     *
     * @return array{mixed, mixed} the skirt's base and what comes next
     */
    private function skirt(array $reading): array
    {
        $advice = $this->send('POST', '/api/advice', $reading);
        self::assertIsArray($advice);
        self::assertIsArray($advice['skirt']);
        self::assertIsArray($advice['firmness']);
        self::assertIsArray($advice['firmness']['skirt.base']);

        return [$advice['skirt']['base'], $advice['firmness']['skirt.base']['runner_up']];
    }
}
