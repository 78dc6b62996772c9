<?php

declare(strict_types=1);

namespace App\Http;

/** The certificate that a phone has to trust, where this machine made its own. */
final readonly class Authority
{
    public function __construct(private string $authorityFile)
    {
    }

    /** @return string|null as PEM; null where everybody trusts the one that is served */
    public function pem(): ?string
    {
        return '' !== $this->authorityFile && is_file($this->authorityFile) ? (string) file_get_contents($this->authorityFile) : null;
    }

    /** @return string|null SHA-256, in groups of four to be compared by eye */
    public function fingerprint(): ?string
    {
        $pem = $this->pem();
        $hash = null === $pem ? false : openssl_x509_fingerprint($pem, 'sha256');

        return false === $hash ? null : strtoupper(implode(' ', str_split($hash, 4)));
    }
}
