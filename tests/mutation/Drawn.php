<?php

declare(strict_types=1);

namespace Tests\mutation;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Mutations of a folder of PHP: a number moved by three tenths, a comparison turned or its end taken in or out, "and" for "or", a call
 * left out.
 *
 * A mutation is the file below the folder, where in it, what stands there, and what is put in its place.
 *
 * @phpstan-type Mutation array{string, int, string, string}
 */
final class Drawn
{
    private const BY = 1.3;
    private const TURNED = [
        \T_IS_IDENTICAL => '!==', \T_IS_NOT_IDENTICAL => '===', \T_IS_SMALLER_OR_EQUAL => '<', \T_IS_GREATER_OR_EQUAL => '>',
        \T_BOOLEAN_AND => '||', \T_BOOLEAN_OR => '&&',
    ];
    private const ENDS = ['<' => '<=', '>' => '>='];

    /** @return list<Mutation> */
    public static function from(string $folder, int $count, int $seed): array
    {
        $all = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ('php' === $file->getExtension()) {
                $name = substr($file->getPathname(), \strlen($folder) + 1);
                $all[$name] = self::in($name, (string) file_get_contents($file->getPathname()));
            }
        }
        ksort($all);
        $all = array_merge(...array_values($all));

        return \array_slice((new Randomizer(new Mt19937($seed)))->shuffleArray($all), 0, $count);
    }

    /**
     * @param list<array{string, string, string}> $list file, what stands there once, what is put in its place
     *
     * @return list<Mutation>
     */
    public static function listed(string $folder, array $list, string $only): array
    {
        $found = [];
        foreach ($list as [$file, $from, $to]) {
            if ('' !== $only && !str_contains($file, $only)) {
                continue;
            }
            $code = (string) file_get_contents("$folder/$file");
            if (1 !== substr_count($code, $from)) {
                throw new \LogicException("$file: “{$from}” stands there ".substr_count($code, $from).' times.');
            }
            $found[] = [$file, (int) strpos($code, $from), $from, $to];
        }

        return $found;
    }

    /** @return list<Mutation> every one that this code offers */
    public static function in(string $file, string $code): array
    {
        $found = [];
        $tokens = array_values(array_filter(
            \PhpToken::tokenize($code),
            static fn (\PhpToken $token): bool => !$token->is([\T_WHITESPACE, \T_COMMENT, \T_DOC_COMMENT]),
        ));
        foreach ($tokens as $i => $token) {
            $instead = self::instead($tokens, $i);
            if (null !== $instead) {
                $found[] = [$file, $token->pos, $token->text, $instead];
            }
            $call = self::call($tokens, $i, $code);
            if (null !== $call) {
                $found[] = [$file, $token->pos, $call, ''];
            }
        }

        return $found;
    }

    /** @param list<\PhpToken> $tokens */
    private static function instead(array $tokens, int $i): ?string
    {
        $token = $tokens[$i];
        $isStrict = $i >= 2 && 'strict_types' === $tokens[$i - 2]->text;

        return match (true) {
            $isStrict => null,
            0.0 === (float) str_replace('_', '', $token->text) && $token->is([\T_LNUMBER, \T_DNUMBER]) => null,
            $token->is(\T_LNUMBER) => self::integer($token->text),
            $token->is(\T_DNUMBER) => var_export(self::BY * (float) str_replace('_', '', $token->text), true),
            isset(self::ENDS[$token->text]) => self::ENDS[$token->text],
            default => self::TURNED[$token->id] ?? null,
        };
    }

    /** A whole number by three tenths, at least by one. */
    private static function integer(string $text): string
    {
        $value = (int) str_replace('_', '', $text);
        $moved = (int) round(self::BY * $value);

        return (string) ($moved === $value ? $value + 1 : $moved);
    }

    /**
     * A statement that is a call and nothing else.
     *
     * @param list<\PhpToken> $tokens
     */
    private static function call(array $tokens, int $i, string $code): ?string
    {
        $before = $tokens[$i - 1]->text ?? '';
        if (!\in_array($before, [';', '{', '}'], true) || !$tokens[$i]->is([\T_VARIABLE, \T_STRING])) {
            return null;
        }
        $calls = false;
        $depth = 0;
        for ($j = $i; isset($tokens[$j]); ++$j) {
            $text = $tokens[$j]->text;
            if (0 === $depth && ';' === $text) {
                return $calls ? substr($code, $tokens[$i]->pos, $tokens[$j]->pos + 1 - $tokens[$i]->pos) : null;
            }
            if (0 === $depth && !$tokens[$j]->is([\T_VARIABLE, \T_STRING, \T_OBJECT_OPERATOR, \T_PAAMAYIM_NEKUDOTAYIM])
                && !\in_array($text, ['(', '['], true)) {
                return null;
            }
            $calls = $calls || '(' === $text;
            $depth += match ($text) {
                '(', '[', '{' => 1,
                ')', ']', '}' => -1,
                default => 0,
            };
        }

        return null;
    }
}
