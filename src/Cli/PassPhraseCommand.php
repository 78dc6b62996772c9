<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use App\UseCase\Access\SetPassPhrase;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Sets the pass phrase that devices in the network sign in with. Only whoever sits at this machine can. */
#[AsCommand('kontrast:passphrase', 'Set the pass phrase for other devices, and end all sessions')]
final class PassPhraseCommand extends Command
{
    public function __construct(private readonly SetPassPhrase $set)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-none', null, InputOption::VALUE_NONE, 'Ask only where none is set yet');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = Errors::stream($output);
        if (true === $input->getOption('if-none') && $this->set->isSet()) {
            return Command::SUCCESS;
        }
        try {
            $ended = $this->set->set($this->ask(new SymfonyStyle($input, $errors)));
        } catch (InvalidDocument $invalid) {
            Errors::tell($output, $invalid->lines());

            return Command::INVALID;
        }
        $errors->writeln(0 === $ended ? 'The pass phrase is set.' : "The pass phrase is set. Signed out: $ended.");

        return Command::SUCCESS;
    }

    /** Typed twice where somebody sits there; else the first line of what is sent. */
    private function ask(SymfonyStyle $person): string
    {
        if (!stream_isatty(\STDIN)) {
            return rtrim((string) fgets(\STDIN), "\r\n");
        }
        $person->writeln('Other devices sign in with a pass phrase. Choose four or five words that do not belong together.');
        $asIs = static fn (mixed $typed): string => \is_string($typed) ? $typed : '';
        while (true) {
            $first = $asIs($person->askHidden('Pass phrase', $asIs));
            if ($first === $asIs($person->askHidden('The same again', $asIs))) {
                return $first;
            }
            $person->writeln('These two differ. Type it again.');
        }
    }
}
