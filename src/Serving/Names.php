<?php

declare(strict_types=1);

namespace App\Serving;

/** The names and addresses under which other devices reach this machine. */
final readonly class Names
{
    /** Bridges to machines inside this one, which no phone can reach. */
    private const NOT_A_NETWORK = '/^(lo|docker|br-|veth|virbr|vmnet)/';

    /** @param non-empty-list<string> $all names and IPv4 addresses, the one to be told first */
    private function __construct(public array $all)
    {
    }

    /** @throws CannotServe where a name has a character that none has */
    public static function of(string $list): self
    {
        $names = array_values(array_unique(array_diff(explode(' ', strtolower($list)), [''])));
        foreach ($names as $name) {
            if (1 !== preg_match('/^[a-z0-9]([a-z0-9.-]{0,251}[a-z0-9])?$/D', $name)) {
                throw new CannotServe("“{$name}” is neither a name nor an IPv4 address of a computer.");
            }
        }

        if ([] === $names) {
            throw new CannotServe('This computer is in no network. Connect it to one, or name one with KONTRAST_NAMES.');
        }

        return new self($names);
    }

    /** Those that this machine has now: its addresses, and its name as devices in a home find it (RFC 6762). */
    public static function ofThisMachine(): self
    {
        /** @var array<string, array{up?: bool, unicast?: list<array{address?: string}>}>|false $found */
        $found = net_get_interfaces();
        $addresses = [];
        foreach (false === $found ? [] : $found as $name => $interface) {
            if (1 === preg_match(self::NOT_A_NETWORK, $name)) {
                continue;
            }
            foreach (true === ($interface['up'] ?? false) ? $interface['unicast'] ?? [] : [] as $unicast) {
                $address = $unicast['address'] ?? '';
                if (self::isAddress($address) && !str_starts_with($address, '127.')) {
                    $addresses[] = $address;
                }
            }
        }
        $host = strtolower((string) preg_replace('/\..*$/', '', (string) gethostname()));
        $named = 1 === preg_match('/^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/D', $host) ? ["$host.local"] : [];

        return self::of(implode(' ', [] === $addresses ? [] : [...$addresses, ...$named]));
    }

    public static function isAddress(string $name): bool
    {
        return false !== filter_var($name, \FILTER_VALIDATE_IP, \FILTER_FLAG_IPV4);
    }

    /** As regular expressions, with commas between them, for the check of the Host header. */
    public function hosts(): string
    {
        return implode(',', array_map(static fn (string $name): string => '^'.preg_quote($name).'$', $this->all));
    }

    /** The addresses to type into a browser, with spaces between them. */
    public function addresses(int $port): string
    {
        return implode(' ', array_map(static fn (string $name): string => "https://$name".(443 === $port ? '' : ":$port").'/', $this->all));
    }
}
