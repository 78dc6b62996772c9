<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Access\PassPhraseBounds;
use App\Http\Authority;
use App\Http\BuiltFiles;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The page a stranger sees, with the two files it needs, and the certificate that a phone is to trust: nothing else is open to all. */
#[Route('/sign-in')]
final readonly class SignInController
{
    private const ENTRY = 'web/sign-in/main.ts';

    public function __construct(private Environment $twig, private BuiltFiles $files, private Authority $authority)
    {
    }

    #[Route('', methods: ['GET'])]
    public function page(): Response
    {
        $entry = $this->files->entry(self::ENTRY);
        if (null === $entry) {
            return $this->files->notBuilt();
        }

        return new Response($this->twig->render('sign-in.html.twig', [
            'script' => basename($entry['file']),
            'styles' => array_map(basename(...), $entry['css'] ?? []),
            'most' => PassPhraseBounds::MOST,
            'fingerprint' => $this->authority->fingerprint(),
        ]), 200, ['Cache-Control' => 'no-store', 'Content-Type' => 'text/html; charset=utf-8']);
    }

    #[Route('/authority.crt', methods: ['GET'])]
    public function certificate(): Response
    {
        $pem = $this->authority->pem() ?? throw new NotFoundHttpException('There is no certificate to trust: this one is trusted already.');

        return new Response($pem, 200, [
            'Content-Type' => 'application/x-x509-ca-cert',
            'Content-Disposition' => 'attachment; filename="kontrast.crt"',
        ]);
    }

    #[Route('/{file}', requirements: ['file' => '[A-Za-z0-9_\-.]+'], methods: ['GET'])]
    public function asset(string $file, Request $request): BinaryFileResponse
    {
        $entry = $this->files->entry(self::ENTRY);
        foreach (null === $entry ? [] : [$entry['file'], ...$entry['css'] ?? []] as $own) {
            if (basename($own) === $file) {
                return $this->files->send($own, $request);
            }
        }
        throw new NotFoundHttpException('There is no such file.');
    }
}
