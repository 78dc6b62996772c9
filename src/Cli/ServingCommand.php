<?php

declare(strict_types=1);

namespace App\Cli;

use App\Serving\CannotServe;
use App\Serving\Certificate;
use App\Serving\CertificateAuthority;
use App\Serving\Names;
use App\Serving\Recipe;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Readies what serves other devices: a certificate, and the configuration of nginx and php-fpm. Prints the addresses. */
#[AsCommand('kontrast:serving', 'Make the certificate and the configuration for serving the network; print the addresses')]
final class ServingCommand extends Command
{
    private const OPTIONS = [
        'config' => 'Folder for the configuration',
        'run' => 'Folder for sockets and temporary files',
        'logs' => 'Folder for logs',
        'tls' => 'Folder for the certificates',
        'listen' => 'Address to listen on',
        'port' => 'Port to listen on',
        'workers' => 'How many requests are answered at a time',
        'names' => 'Names and addresses of this computer, with spaces between them; those it has where left out',
        'certificate' => 'Your own certificate, with its chain, as PEM',
        'key' => 'The key of your own certificate',
    ];
    private const MOST_PORT = 65_535;

    public function __construct(private readonly Recipe $recipe)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        foreach (self::OPTIONS as $name => $says) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $says, '');
        }
        $this->addOption('renew', null, InputOption::VALUE_NONE, 'Make a new certificate now');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $option = static function (string $name) use ($input): string {
            $value = $input->getOption($name);

            return \is_string($value) ? $value : '';
        };
        $port = filter_var($option('port'), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST_PORT]]);
        try {
            if (false === $port) {
                throw new CannotServe("“{$option('port')}” is not a port. Use a number from 1 to 65535.");
            }
            $names = '' === trim($option('names')) ? Names::ofThisMachine() : Names::of($option('names'));
            $certificate = '' === $option('certificate')
                ? (new CertificateAuthority($option('tls')))->certificate($names, true === $input->getOption('renew'))
                : Certificate::own($option('certificate'), $option('key'));
            $workers = max(1, (int) $option('workers'));
            $listens = '' === $option('listen') ? '0.0.0.0' : $option('listen');
            $this->recipe->write($option('config'), $option('run'), $option('logs'), $listens, $port, $workers, $names, $certificate);
        } catch (CannotServe $no) {
            Errors::tell($output, $no->getMessage());

            return Command::FAILURE;
        }
        $output->writeln(explode(' ', $names->addresses($port)));

        return Command::SUCCESS;
    }
}
