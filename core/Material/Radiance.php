<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Measure\Angle;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;

/** What a part sends towards the eye from where it hangs, before the water between weakens it. */
final readonly class Radiance
{
    /** How much brighter than its steady sheen a blade flashes as it turns through the sun. (Chosen.) */
    private const GLINT_GAIN = 6.0;
    /** How narrow the flash is: its light goes with this power of the cosine, a lobe 30° wide at half its height. (Chosen.) */
    public const LOBE = 20;

    /** @param Spectrum|null $glint with the sun's flash on it; null for what does not shine */
    private function __construct(public Spectrum $steady, public ?Spectrum $glint)
    {
    }

    public static function of(OpticalPart $part, Scene $scene, ReflectanceFitter $reflectances): self
    {
        return null === $part->metal
            ? self::matte($part, $reflectances->fit($part->inTheHand)->spectrum, $scene)
            : self::metal($part->metal->reflectance(), $scene);
    }

    /** L = R·face/π, the dye's glow added; what is not opaque lets the water behind through. */
    private static function matte(OpticalPart $part, Spectrum $reflectance, Scene $scene): self
    {
        $glow = $part->fluorescence->glow($scene->face)->samples;
        $steady = [];
        foreach ($scene->face->samples as $i => $face) {
            $own = $reflectance->samples[$i] * $face / \M_PI + $glow[$i];
            $steady[] = $part->opacity * $own + (1 - $part->opacity) * $scene->background->samples[$i];
        }

        return new self(Spectrum::of($steady), null);
    }

    /** The light of a blade turned so far from where it flashes; what does not shine stays as it is. */
    public function turned(Angle $fromGlint): Spectrum
    {
        $share = abs($fromGlint->cosine()) ** self::LOBE;

        return null === $this->glint ? $this->steady : $this->steady->scaled(1 - $share)->plus($this->glint->scaled($share));
    }

    /** The mean of a whole turn: of |cos θ|^n, n even, it is the product of (k − 1)/k for k = 2, 4 … n (Wallis). */
    public static function meanLobe(): float
    {
        $mean = 1.0;
        for ($k = 2; $k <= self::LOBE; $k += 2) {
            $mean *= ($k - 1) / $k;
        }

        return $mean;
    }

    /** The light of a blade over a whole turn, as an eye takes it for which it turns too fast. */
    public function overATurn(): Spectrum
    {
        return null === $this->glint
            ? $this->steady
            : $this->steady->scaled(1 - self::meanLobe())->plus($this->glint->scaled(self::meanLobe()));
    }

    /** A mirror that turns shows water for half of its round and light for the other. */
    private static function metal(Spectrum $reflectance, Scene $scene): self
    {
        $steady = [];
        $glint = [];
        foreach ($reflectance->samples as $i => $rho) {
            $sheen = self::sheen($rho, $scene->background->samples[$i], $scene->face->samples[$i]);
            $steady[] = $sheen;
            $glint[] = $sheen + $rho * self::GLINT_GAIN * $scene->light->direct->samples[$i] / \M_PI;
        }

        return new self(Spectrum::of($steady), Spectrum::of($glint));
    }

    /** ρ·(½ of what is mirrored + ½face/π). */
    public static function sheen(float $reflectance, float $mirrored, float $face): float
    {
        return $reflectance * (0.5 * $mirrored + 0.5 * $face / \M_PI);
    }
}
