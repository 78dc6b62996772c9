<?php

declare(strict_types=1);

namespace App\Serving;

/**
 * A certificate authority of one's own, kept in a folder. A phone that trusts it trusts it for this home alone: its certificate says that
 * it may only speak for private addresses (RFC 1918) and for this machine's own names (name constraints, RFC 5280, 4.2.1.10).
 */
final readonly class CertificateAuthority
{
    private const AUTHORITY = 'authority';
    private const SERVED = 'served';
    private const AUTHORITY_DAYS = 3650;
    /** Browsers refuse some that are valid for longer than 398 days. */
    private const SERVED_DAYS = 200;
    /** One that has less left is made anew at the next start. */
    private const RENEWED_AT_DAYS = 60;
    /** PHP wants to be told a length, which a key of this kind has anyway. */
    private const KEY = ['private_key_type' => \OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1', 'private_key_bits' => 384];
    private const PRIVATE_NETWORKS = ['10.0.0.0/255.0.0.0', '172.16.0.0/255.240.0.0', '192.168.0.0/255.255.0.0', '127.0.0.0/255.0.0.0'];

    public function __construct(private string $folder)
    {
    }

    /**
     * The certificate for these names: the one at hand where it is for them and lasts, else a new one.
     *
     * @throws CannotServe where the folder cannot be written
     */
    public function certificate(Names $names, bool $isRenewed = false): Certificate
    {
        if (!is_dir($this->folder) && !@mkdir($this->folder, 0o700, true)) {
            throw new CannotServe("The folder {$this->folder} cannot be made.");
        }
        chmod($this->folder, 0o700);
        // Names it may not speak for need another authority, and the phone has to trust that one.
        if (!is_file($this->path(self::AUTHORITY, 'crt')) || !$this->maySpeakFor($names)) {
            $this->makeAuthority($names);
            $isRenewed = true;
        }
        if ($isRenewed || !$this->isServedFor($names)) {
            $this->makeServed($names);
        }

        return new Certificate($this->path(self::SERVED, 'crt'), $this->path(self::SERVED, 'key'), $this->path(self::AUTHORITY, 'crt'));
    }

    private function isServedFor(Names $names): bool
    {
        $pem = (string) @file_get_contents($this->path(self::SERVED, 'crt'));
        $left = Certificate::expires($pem) - time();

        return $left > self::RENEWED_AT_DAYS * 86_400
            && self::said($pem, 'subjectAltName') === self::alternatives($names, ', ', 'IP Address');
    }

    private function maySpeakFor(Names $names): bool
    {
        $said = self::said((string) file_get_contents($this->path(self::AUTHORITY, 'crt')), 'nameConstraints');
        foreach (self::domains($names) as $name) {
            if (1 !== preg_match('/DNS:'.preg_quote($name, '/').'$/m', $said)) {
                return false;
            }
        }

        return true;
    }

    private function makeAuthority(Names $names): void
    {
        $permitted = array_map(static fn (string $network): string => "permitted;IP:$network", self::PRIVATE_NETWORKS);
        foreach (self::domains($names) as $name) {
            $permitted[] = "permitted;DNS:$name";
        }
        $this->make(self::AUTHORITY, 'Kontrast at home, '.gethostname(), null, self::AUTHORITY_DAYS, [
            'basicConstraints = critical, CA:TRUE, pathlen:0',
            'keyUsage = critical, keyCertSign, cRLSign',
            'subjectKeyIdentifier = hash',
            'nameConstraints = critical, '.implode(', ', $permitted),
        ]);
    }

    private function makeServed(Names $names): void
    {
        $this->make(self::SERVED, 'Kontrast', self::AUTHORITY, self::SERVED_DAYS, [
            'basicConstraints = critical, CA:FALSE',
            'keyUsage = critical, digitalSignature',
            'extendedKeyUsage = serverAuth',
            'subjectKeyIdentifier = hash',
            'authorityKeyIdentifier = keyid',
            'subjectAltName = '.self::alternatives($names, ', ', 'IP'),
        ]);
    }

    /** @param list<string> $extensions lines of an OpenSSL configuration */
    private function make(string $name, string $called, ?string $by, int $days, array $extensions): void
    {
        $config = (string) tempnam(sys_get_temp_dir(), 'kontrast-tls');
        file_put_contents($config, "[req]\ndistinguished_name = dn\n[dn]\n[ext]\n".implode("\n", $extensions)."\n");
        try {
            $options = ['config' => $config, 'digest_alg' => 'sha256', 'x509_extensions' => 'ext'];
            $key = openssl_pkey_new(self::KEY + $options);
            $request = false === $key ? false : openssl_csr_new(['commonName' => mb_substr($called, 0, 60)], $key, $options);
            $issuer = null === $by ? null : (string) file_get_contents($this->path($by, 'crt'));
            $signs = null === $by ? $key : openssl_pkey_get_private((string) file_get_contents($this->path($by, 'key')));
            $serial = random_int(1, \PHP_INT_MAX);
            $certificate = !$request instanceof \OpenSSLCertificateSigningRequest || !$signs instanceof \OpenSSLAsymmetricKey
                ? false
                : openssl_csr_sign($request, $issuer, $signs, $days, $options, $serial);
            if (false === $certificate || !openssl_x509_export($certificate, $crt)
                || !openssl_pkey_export($key, $pem, null, $options)) {
                throw new CannotServe('No certificate could be made: '.openssl_error_string());
            }
            \assert(\is_string($crt) && \is_string($pem));
            $this->write($name, 'key', $pem);
            $this->write($name, 'crt', $crt);
        } finally {
            unlink($config);
        }
    }

    /** Nobody else can read it at any time, and there is never half of one. */
    private function write(string $name, string $ending, string $contents): void
    {
        $file = $this->path($name, $ending);
        $before = umask(0o077);
        try {
            if (false === file_put_contents("$file.new", $contents) || !rename("$file.new", $file)) {
                throw new CannotServe("$file cannot be written.");
            }
        } finally {
            umask($before);
        }
    }

    private function path(string $name, string $ending): string
    {
        return "{$this->folder}/$name.$ending";
    }

    private static function alternatives(Names $names, string $between, string $ip): string
    {
        return implode($between, array_map(
            static fn (string $name): string => (Names::isAddress($name) ? "$ip:" : 'DNS:').$name,
            $names->all,
        ));
    }

    /** @return list<string> */
    private static function domains(Names $names): array
    {
        return array_values(array_filter($names->all, static fn (string $name): bool => !Names::isAddress($name)));
    }

    private static function said(string $pem, string $extension): string
    {
        $parsed = '' === $pem ? false : openssl_x509_parse($pem);
        $extensions = \is_array($parsed) ? ($parsed['extensions'] ?? []) : [];
        $said = \is_array($extensions) ? ($extensions[$extension] ?? '') : '';

        return \is_string($said) ? $said : '';
    }
}
