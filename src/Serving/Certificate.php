<?php

declare(strict_types=1);

namespace App\Serving;

/** A certificate that is served, as files. */
final readonly class Certificate
{
    /** @param string|null $authority the certificate to be trusted by a phone; null where everybody trusts it already */
    public function __construct(public string $file, public string $keyFile, public ?string $authority)
    {
    }

    /**
     * One's own.
     *
     * @throws CannotServe where the two cannot be read or do not belong together
     */
    public static function own(string $file, string $keyFile): self
    {
        foreach ([$file, $keyFile] as $one) {
            if (!is_file($one) || !is_readable($one)) {
                throw new CannotServe("$one cannot be read.");
            }
        }
        $key = openssl_pkey_get_private((string) file_get_contents($keyFile));
        if (false === $key || !openssl_x509_check_private_key((string) file_get_contents($file), $key)) {
            throw new CannotServe("$keyFile is not the key of the certificate in $file.");
        }

        return new self((string) realpath($file), (string) realpath($keyFile), null);
    }

    public static function expires(string $pem): int
    {
        $parsed = openssl_x509_parse($pem);
        $until = \is_array($parsed) ? ($parsed['validTo_time_t'] ?? 0) : 0;

        return \is_int($until) ? $until : 0;
    }
}
