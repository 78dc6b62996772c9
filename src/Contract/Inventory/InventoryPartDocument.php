<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Between;
use App\Contract\Constraint\ColourOrWord;
use App\Contract\Constraint\HookLabel;
use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Constraint\Text;
use App\Contract\Error\Fault;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartBounds;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;
use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A part as owned. One flat shape for every kind, so that it is also a line of a table; each kind needs the fields it is judged by. */
#[OA\Schema(schema: 'InventoryPart', additionalProperties: false)]
final readonly class InventoryPartDocument implements LimitsLists, Sparse
{
    /**
     * @param list<string> $accents
     * @param list<string> $belly
     * @param list<LureKind> $lures
     */
    public function __construct(
        public PartKind $kind,
        #[Name('A part')]
        public string $name,
        #[OA\Property(description: 'If left out, a new one is made.')]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(description: 'The version last read; a change to another version is refused with 409.')]
        public ?int $version = null,
        #[Between(0, PartBounds::MOST_COUNT, 'A count')]
        public int $count = 1,
        #[OA\Property(description: 'Stock counts as low from this count down.')]
        #[Between(0, PartBounds::MOST_COUNT, 'The low mark')]
        public ?int $low_at = null,
        #[OA\Property(description: 'The storage box it is in.')]
        #[Text(60, 'A box')]
        public string $box = '',
        #[OA\Property(description: 'Cost of one, in your currency.')]
        #[Between(0, Money::MOST, 'The cost of one')]
        public ?float $cost = null,
        #[OA\Property(description: 'Anything else to remember.')]
        #[Text(500, 'A note')]
        public string $note = '',
        #[OA\Property(description: 'The part it was painted or darkened from.')]
        #[Id]
        public ?string $parent_id = null,
        #[OA\Property(description: 'As #rrggbb or a color word. Needed for heads, skirts, trailers and painted blades.')]
        #[ColourOrWord]
        public ?string $colour = null,
        #[OA\Property(maxItems: PartBounds::MOST_ACCENTS)]
        #[Assert\Count(max: PartBounds::MOST_ACCENTS, maxMessage: 'A part has at most {{ limit }} accents.')]
        #[Assert\All([new ColourOrWord()])]
        public array $accents = [],
        #[OA\Property(maxItems: PartBounds::MOST_BELLY, description: 'Under the back of a split skirt, trailer or head.')]
        #[Assert\Count(max: PartBounds::MOST_BELLY, maxMessage: 'A part has at most {{ limit }} belly colors.')]
        #[Assert\All([new ColourOrWord()])]
        public array $belly = [],
        #[OA\Property(description: 'A head with an eye.')]
        public bool $eye = false,
        #[OA\Property(description: 'Of a skirt; solid where left out.')]
        public ?Strands $strand_pattern = null,
        #[OA\Property(description: 'Of a trailer; any where left out.')]
        public ?BellyShape $belly_shape = null,
        #[OA\Property(description: 'If left out, chartreuse and orange glow when they are given as words.')]
        public ?Fluorescence $fluorescent = null,
        #[Between(0, 1, 'Opacity')]
        public float $opacity = 1.0,
        #[OA\Property(description: 'Of a bare metal blade.')]
        public ?Metal $metal = null,
        #[OA\Property(description: 'A metal blade under black permanent marker.')]
        public bool $darkened = false,
        public ?BladeShape $shape = null,
        #[OA\Property(description: 'A blade’s number.')]
        #[Between(BladeSize::LEAST, BladeSize::MOST, 'A blade’s number')]
        public ?int $number = null,
        #[Above(0, PartBounds::MOST_WEIGHT_OZ, 'A head’s weight', 'oz')]
        public ?float $weight_oz = null,
        #[OA\Property(description: 'The lures a head is for.')]
        public array $lures = [],
        public ?HeadMaterial $metal_of_head = null,
        #[OA\Property(description: 'The hook molded into a head, or the size of a trailer hook.')]
        #[HookLabel]
        public ?string $hook = null,
        #[OA\Property(description: 'Of a spinnerbait head; long where left out.')]
        public ?Arm $arm = null,
        public ?SkirtMaterial $strands = null,
        public ?Trim $trim = null,
        public ?TrailerStyle $style = null,
        #[Above(0, PartBounds::MOST_LENGTH_IN, 'A length', 'in')]
        public ?float $length_in = null,
        public ?Surface $surface = null,
        public ?Plastic $plastic = null,
        #[OA\Property(description: 'Of small hardware, as packages say it: 5/32 in, #2.')]
        #[Text(40, 'A size')]
        public string $size = '',
        #[OA\Property(description: 'How much of a skirt or trailer its accents are; as usual for its colors where left out.')]
        public ?AccentShare $accent_share = null,
        #[OA\Property(description: 'How its colors are laid out; split where it has a belly and nothing else is said. Of a front and a '
            .'back, the belly is what lies behind.')]
        public ?ColourLayout $layout = null,
        #[OA\Property(description: 'Of a head.')]
        public ?HeadForm $form = null,
        #[OA\Property(description: 'What holds the trailer on a head.')]
        public ?Keeper $keeper = null,
    ) {
    }

    public static function limits(): array
    {
        return ['accents' => 16, 'belly' => 16, 'lures' => 16];
    }

    #[Assert\Callback]
    public function hasWhatItsKindNeeds(ExecutionContextInterface $context): void
    {
        $fields = get_object_vars($this);
        foreach ($this->needed() as $field => $message) {
            if (null === $fields[$field] || [] === $fields[$field]) {
                $context->buildViolation($message)->atPath($field)->setCode(Fault::MISSING)->addViolation();
            }
        }
        if (PartKind::Blade === $this->kind && (null === $this->metal) === (null === $this->colour)) {
            $says = 'A blade is either metal ('.self::choices(Metal::cases()).') or painted (a color).';
            $context->buildViolation($says)->atPath('metal')->setCode('metal_or_paint')->addViolation();
        }
        if ($this->darkened && null === $this->metal) {
            $says = 'Only a metal blade can be darkened; a painted blade has the color of its paint.';
            $context->buildViolation($says)->atPath('darkened')->setCode('not_metal')->addViolation();
        }
    }

    /** @return array<string, string> the fields its kind cannot be judged without, and what to say where one is missing */
    private function needed(): array
    {
        return match ($this->kind) {
            PartKind::Head => [
                'weight_oz' => 'A head needs its weight in ounces.',
                'colour' => 'A head needs a color.',
                'lures' => 'Say which lures the head is for: '.self::choices(LureKind::cases()).'.',
            ],
            PartKind::Blade => [
                'shape' => 'A blade needs a shape: '.self::choices(BladeShape::cases()).'.',
                'number' => \sprintf('A blade needs its size number, %d to %d.', BladeSize::LEAST, BladeSize::MOST),
            ],
            PartKind::Skirt => ['colour' => 'A skirt needs a color.'],
            PartKind::Trailer => [
                'colour' => 'A trailer needs a color.',
                'style' => 'A trailer needs a style: '.self::choices(TrailerStyle::cases()).'.',
                'length_in' => 'A trailer needs its length in inches.',
            ],
            PartKind::Hook => ['hook' => 'A hook needs its size: '.implode(', ', HookLabel::labels()).'.'],
            PartKind::Bead, PartKind::Clevis, PartKind::Spacer, PartKind::Swivel, PartKind::Collar => [],
        };
    }

    /** @param list<\BackedEnum> $cases */
    private static function choices(array $cases): string
    {
        return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases));
    }

    /** The same part in another number, or darkened or cut as a build has it. */
    public function with(?int $count = null, ?bool $darkened = null, ?Trim $trim = null): self
    {
        return new self(
            kind: $this->kind,
            name: $this->name,
            id: $this->id,
            version: $this->version,
            count: $count ?? $this->count,
            low_at: $this->low_at,
            box: $this->box,
            cost: $this->cost,
            note: $this->note,
            parent_id: $this->parent_id,
            colour: $this->colour,
            accents: $this->accents,
            belly: $this->belly,
            eye: $this->eye,
            strand_pattern: $this->strand_pattern,
            belly_shape: $this->belly_shape,
            fluorescent: $this->fluorescent,
            opacity: $this->opacity,
            metal: $this->metal,
            darkened: $darkened ?? $this->darkened,
            shape: $this->shape,
            number: $this->number,
            weight_oz: $this->weight_oz,
            lures: $this->lures,
            metal_of_head: $this->metal_of_head,
            hook: $this->hook,
            arm: $this->arm,
            strands: $this->strands,
            trim: $trim ?? $this->trim,
            style: $this->style,
            length_in: $this->length_in,
            surface: $this->surface,
            plastic: $this->plastic,
            size: $this->size,
            accent_share: $this->accent_share,
            layout: $this->layout,
            form: $this->form,
            keeper: $this->keeper,
        );
    }
}
