<?php

declare(strict_types=1);

namespace Kontrast\Sun;

/** One calendar day of the sun at a place: when it rises, stands highest and sets, and how high it is at any minute. */
final readonly class SunDay
{
    /** The center of the disk at sunrise: refraction 34', half of the disk 16'. Meeus, chapter 15. */
    public const RISE_DEG = -0.833;
    private const STEP_S = 600;
    private const TO_S = 0.5;

    /** @param int $from first second of the day, Unix time @param int $to first second of the next one; a day may have 23 or 25 hours */
    private function __construct(public Place $place, private int $from, private int $to)
    {
    }

    /** @param string $date such as 2026-05-09, by the clock of the place */
    public static function of(Place $place, string $date): self
    {
        $start = new \DateTimeImmutable("$date 00:00:00", $place->zone);

        return new self($place, $start->getTimestamp(), $start->modify('+1 day')->getTimestamp());
    }

    /** Null where the sun does not rise that day, or never sets. */
    public function rise(): ?\DateTimeImmutable
    {
        return $this->crossing(self::RISE_DEG, true);
    }

    public function set(): ?\DateTimeImmutable
    {
        return $this->crossing(self::RISE_DEG, false);
    }

    /** The highest stand, also in polar night. */
    public function noon(): \DateTimeImmutable
    {
        // The height is a single hill around noon: the middle third is narrowed down until it is a second wide.
        [$low, $high] = [(float) $this->from, (float) $this->to];
        $best = $this->from;
        for ($s = $this->from; $s <= $this->to; $s += self::STEP_S) {
            $best = $this->heightAt($s) > $this->heightAt($best) ? $s : $best;
        }
        [$low, $high] = [max($low, $best - self::STEP_S), min($high, $best + self::STEP_S)];
        while ($high - $low > self::TO_S) {
            $third = ($high - $low) / 3;
            if ($this->heightAt($low + $third) < $this->heightAt($high - $third)) {
                $low += $third;
            } else {
                $high -= $third;
            }
        }

        return $this->time($low);
    }

    /** The first moment of the day at which the sun climbs above a height, or sinks below it; null where it does not. */
    public function crossing(float $degrees, bool $isRising): ?\DateTimeImmutable
    {
        for ($s = $this->from; $s < $this->to; $s += self::STEP_S) {
            $next = min($s + self::STEP_S, $this->to);
            $before = $this->heightAt($s) - $degrees;
            $after = $this->heightAt($next) - $degrees;
            if ($isRising ? $before < 0 && $after >= 0 : $before >= 0 && $after < 0) {
                return $this->time($this->between((float) $s, (float) $next, $degrees, $isRising));
            }
        }

        return null;
    }

    /** @return float degrees */
    public function height(\DateTimeInterface $at): float
    {
        return SunPosition::height($this->place, $at);
    }

    private function between(float $low, float $high, float $degrees, bool $isRising): float
    {
        while ($high - $low > self::TO_S) {
            $middle = ($low + $high) / 2;
            if (($this->heightAt($middle) >= $degrees) === $isRising) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }

    private function heightAt(float $unix): float
    {
        return SunPosition::heightAt($this->place, $unix);
    }

    private function time(float $unix): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.(int) round($unix)))->setTimezone($this->place->zone);
    }
}
