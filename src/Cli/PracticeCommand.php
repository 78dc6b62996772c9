<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Practice\PracticeQuestionDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\Practice\DrawQuestions;
use Kontrast\Practice\Question;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** Waters to practice on: what is seen, what to tie, and what tempts. */
#[AsCommand('kontrast:practice', 'Print made-up waters with what to tie in them and why; the same seed gives the same list')]
final class PracticeCommand extends JsonCommand
{
    private const MOST = 5000;

    public function __construct(private readonly DrawQuestions $questions, private readonly DocumentNormalizer $documents)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('seed', null, InputOption::VALUE_REQUIRED, 'A whole number; another one gives other waters', '1');
        $this->addOption('count', null, InputOption::VALUE_REQUIRED, 'How many waters, from 1 to '.self::MOST, '10');
        $this->addOption('level', null, InputOption::VALUE_REQUIRED, 'From 1, plain, to 5, where much is close; left out, all of them');
    }

    protected function text(InputInterface $input): string
    {
        return self::said(array_map(
            fn (PracticeQuestionDocument $question): array => $this->documents->toArray($question),
            $this->questions->draw(...self::asked($input)),
        ));
    }

    /**
     * @return array{int, int, int|null} seed, count and level
     *
     * @throws InvalidDocument
     */
    private static function asked(InputInterface $input): array
    {
        $numbers = ['seed' => 0, 'count' => 0, 'level' => 0];
        $faults = [];
        foreach ([
            'seed' => [0, \PHP_INT_MAX],
            'count' => [1, self::MOST],
            'level' => [Question::EASIEST, Question::HARDEST],
        ] as $option => [$least, $most]) {
            $given = $input->getOption($option);
            $number = filter_var($given, \FILTER_VALIDATE_INT);
            $numbers[$option] = \is_int($number) ? $number : 0;
            if (null !== $given && (false === $number || $number < $least || $number > $most)) {
                $allowed = \PHP_INT_MAX === $most ? "a whole number from $least on" : "a whole number from $least to $most";
                $faults[] = new Fault($option, \sprintf('“%s” is not %s.', \is_string($given) ? $given : '', $allowed), Fault::NOT_ALLOWED);
            }
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults);
        }

        return [$numbers['seed'], $numbers['count'], null === $input->getOption('level') ? null : $numbers['level']];
    }
}
