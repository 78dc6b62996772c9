<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Exchange\LimitsLists;
use Kontrast\Bin\PartKind;
use Kontrast\Bin\Plastic;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Reading\Arm;
use Kontrast\Reading\LureKind;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A part as owned. One flat shape for every kind, so that it is also a line of a table; each kind needs the fields it is judged by. */
#[OA\Schema(schema: 'OwnedPart', additionalProperties: false, required: ['kind', 'name'])]
final class OwnedPartDocument implements LimitsLists
{
    public const COLOUR = '/^(#[0-9a-f]{6}|white|pearl|smoke|chartreuse|yellow|gold|green_pumpkin|watermelon|brown|black|blue|bright_blue|orange|red|purple)$/iD';
    private const NO_COLOUR = '{{ value }} is no colour. Write #rrggbb, or a word: white, pearl, smoke, chartreuse, yellow, gold, green_pumpkin, watermelon, brown, black, blue, bright_blue, orange, red, purple.';

    #[OA\Property(type: 'string', nullable: true, format: 'uuid', description: 'Left out, one is made.')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID. Leave the id out to have one made.')]
    public ?string $id = null;

    #[OA\Property(type: 'integer', nullable: true, description: 'As it was last read; a change of another version is refused with 409.')]
    public ?int $version = null;

    #[OA\Property(type: 'string', enum: PartKind::class)]
    public PartKind $kind;

    #[OA\Property(minLength: 1, maxLength: 120)]
    #[Assert\NotBlank(message: 'A part needs a name.', normalizer: 'trim')]
    #[Assert\Length(max: 120, maxMessage: 'A name has at most 120 characters.')]
    public string $name;

    #[OA\Property(minimum: 0, maximum: 100000)]
    #[Assert\Range(min: 0, max: 100000, notInRangeMessage: '{{ value }} is not allowed here. A count runs from 0 to 100000.')]
    public int $count = 1;

    #[OA\Property(nullable: true, minimum: 0, maximum: 100000, description: 'Low stock from this count down.')]
    #[Assert\Range(min: 0, max: 100000, notInRangeMessage: '{{ value }} is not allowed here. The low mark runs from 0 to 100000.')]
    public ?int $low_at = null;

    #[OA\Property(maxLength: 60, description: 'The storage box it lies in.')]
    #[Assert\Length(max: 60, maxMessage: 'A box has at most 60 characters.')]
    public string $box = '';

    #[OA\Property(nullable: true, minimum: 0, maximum: 10000, description: 'Of one, in your own money.')]
    #[Assert\Range(min: 0, max: 10000, notInRangeMessage: '{{ value }} is not allowed here. The cost of one runs from 0 to 10000.')]
    public ?float $cost = null;

    #[OA\Property(maxLength: 500, description: 'Where it comes from, and anything else.')]
    #[Assert\Length(max: 500, maxMessage: 'A note has at most 500 characters.')]
    public string $note = '';

    #[OA\Property(type: 'string', nullable: true, format: 'uuid', description: 'The part it was painted or marked from.')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID.')]
    public ?string $parent_id = null;

    #[OA\Property(nullable: true, pattern: '^(#[0-9a-fA-F]{6}|[a-z_]+)$', description: 'As #rrggbb or a colour word. Needed for heads, skirts, trailers and painted blades.')]
    #[Assert\Regex(self::COLOUR, message: self::NO_COLOUR)]
    public ?string $colour = null;

    /** @var list<string> */
    #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), maxItems: 3)]
    #[Assert\Count(max: 3, maxMessage: 'At most 3 accents are told apart.')]
    #[Assert\All([new Assert\Regex(self::COLOUR, message: self::NO_COLOUR)])]
    public array $accents = [];

    #[OA\Property(type: 'string', enum: Fluorescence::class, nullable: true, description: 'Left out, chartreuse and orange glow where they are given as words.')]
    public ?Fluorescence $fluorescent = null;

    #[OA\Property(minimum: 0, maximum: 1)]
    #[Assert\Range(min: 0, max: 1, notInRangeMessage: '{{ value }} is not allowed here. Opacity runs from 0 to 1.')]
    public float $opacity = 1.0;

    #[OA\Property(type: 'string', enum: Metal::class, nullable: true, description: 'Of a bare metal blade.')]
    public ?Metal $metal = null;

    #[OA\Property(description: 'A metal blade under black permanent marker.')]
    public bool $darkened = false;

    #[OA\Property(type: 'string', enum: BladeShape::class, nullable: true)]
    public ?BladeShape $shape = null;

    #[OA\Property(nullable: true, minimum: 1, maximum: 7, description: 'A blade’s number.')]
    #[Assert\Range(min: 1, max: 7, notInRangeMessage: '{{ value }} is not allowed here. Blade numbers run from 1 to 7.')]
    public ?int $number = null;

    #[OA\Property(nullable: true, exclusiveMinimum: true, minimum: 0, maximum: 4)]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. A weight is more than 0 oz.')]
    #[Assert\LessThanOrEqual(4, message: '{{ value }} is not allowed here. A head weighs at most 4 oz.')]
    public ?float $weight_oz = null;

    /** @var list<LureKind> */
    #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: LureKind::class), description: 'What a head is made into.')]
    public array $lures = [];

    #[OA\Property(type: 'string', enum: HeadMaterial::class, nullable: true)]
    public ?HeadMaterial $metal_of_head = null;

    #[OA\Property(nullable: true, pattern: '^[1-5]/0$', description: 'Moulded into a head, or a trailer hook’s own size.')]
    #[Assert\Regex('~^[1-5]/0$~D', message: '{{ value }} is no hook size here. Allowed: 1/0, 2/0, 3/0, 4/0, 5/0.')]
    public ?string $hook = null;

    #[OA\Property(type: 'string', enum: Arm::class, nullable: true, description: 'Of a spinnerbait head; long where left out.')]
    public ?Arm $arm = null;

    #[OA\Property(type: 'string', enum: SkirtMaterial::class, nullable: true)]
    public ?SkirtMaterial $strands = null;

    #[OA\Property(type: 'string', enum: Trim::class, nullable: true)]
    public ?Trim $trim = null;

    #[OA\Property(type: 'string', enum: TrailerStyle::class, nullable: true)]
    public ?TrailerStyle $style = null;

    #[OA\Property(nullable: true, exclusiveMinimum: true, minimum: 0, maximum: 12)]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. A length is more than 0 in.')]
    #[Assert\LessThanOrEqual(12, message: '{{ value }} is not allowed here. A length is at most 12 in.')]
    public ?float $length_in = null;

    #[OA\Property(type: 'string', enum: Surface::class, nullable: true)]
    public ?Surface $surface = null;

    #[OA\Property(type: 'string', enum: Plastic::class, nullable: true)]
    public ?Plastic $plastic = null;

    #[OA\Property(maxLength: 40, description: 'Of small hardware, as the trade writes it: 5/32 in, #2.')]
    #[Assert\Length(max: 40, maxMessage: 'A size has at most 40 characters.')]
    public string $size = '';

    /** What each kind cannot be judged without, and what to say where it is missing. */
    private const NEEDED = [
        'head' => ['weight_oz' => 'A head needs its weight in ounces.', 'colour' => 'A head needs a colour.', 'lures' => 'Say what the head is made into: jig, swim_jig, spinnerbait, bladed_jig.'],
        'blade' => ['shape' => 'A blade needs a shape: colorado, deep_colorado, indiana, willow, bladed_jig.', 'number' => 'A blade needs its number, 1 to 7.'],
        'skirt' => ['colour' => 'A skirt needs a colour.'],
        'trailer' => ['colour' => 'A trailer needs a colour.', 'style' => 'A trailer needs a style: craw, chunk, paddle_tail, fork_tail, twin_tail_grub, single_tail_grub, ringworm.', 'length_in' => 'A trailer needs its length in inches.'],
        'hook' => ['hook' => 'A hook needs its size: 1/0, 2/0, 3/0, 4/0, 5/0.'],
    ];

    public static function limits(): array
    {
        return ['accents' => 16, 'lures' => 16];
    }

    #[Assert\Callback]
    public function hasWhatItsKindNeeds(ExecutionContextInterface $context): void
    {
        if (!isset($this->kind)) {
            return;
        }
        foreach (self::NEEDED[$this->kind->value] ?? [] as $field => $message) {
            if (null === $this->{$field} || [] === $this->{$field}) {
                $context->buildViolation($message)->atPath($field)->addViolation();
            }
        }
        if (PartKind::Blade === $this->kind && (null === $this->metal) === (null === $this->colour)) {
            $context->buildViolation('A blade is either of a metal (silver, gold, copper) or painted (a colour).')->atPath('metal')->addViolation();
        }
        if ($this->darkened && null === $this->metal) {
            $context->buildViolation('Only a metal blade is darkened; a painted one has the colour of its paint.')->atPath('darkened')->addViolation();
        }
    }
}
