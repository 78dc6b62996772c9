<?php

declare(strict_types=1);

namespace App\Contract\Vocabulary;

use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Rule;
use Symfony\Component\Finder\Finder;

/** Every label, rule text, fact and sentence that the PHP side says, as one page to read: docs/words/php.md. */
final readonly class Sentences
{
    /** Two words in a row, or one word that begins like a sentence: what somebody may get to read. */
    private const IS_SAID = '/\p{L}[\p{L}’,:;…]*\s+[\p{L}(“%…#]|^\p{Lu}\p{Ll}{2,}[^\\\\\/]*$/u';
    /** Code in quotation marks: SQL, headers, media types, namespaces, names of programs' own formats. */
    private const IS_CODE = '/^(SELECT|PRAGMA|INSERT|UPDATE|DELETE|CREATE|ALTER|DROP|GIMP|attachment|default-src|text\/|application\/)'
        .'|^Y-m-d|^[A-Z][a-z]+(-[A-Z][A-Za-z]+)+$|^[A-Z][a-zA-Z]*\\\\|rel="next"|^export |^Record</';
    private const GLUE = [\T_WHITESPACE, \T_COMMENT, \T_DOC_COMMENT];

    public function __construct(private Engine $engine, private string $projectDir)
    {
    }

    /** @return string Markdown */
    public function page(): string
    {
        $lines = [
            '# What the PHP side says',
            '',
            'Made by `./kontrast schema`, for reading aloud from top to bottom. “…” stands for a value that is filled in.',
        ];
        foreach ($this->sections() as $title => $said) {
            if ([] !== $said) {
                array_push($lines, '', "## $title", '', ...array_map(static fn (string $one): string => "- $one", $said));
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @return iterable<string, list<string>> by title */
    private function sections(): iterable
    {
        yield 'Labels' => $this->labels();
        yield 'Reasons, by rule' => array_map(static fn (Rule $rule): string => "`$rule->id` "
            ."$rule->because", array_values($this->engine->book->rules));
        yield 'Facts' => array_map(static fn (string $id, string $text): string => "`$id` $text", array_keys(Facts::ALL), Facts::ALL);
        $files = (new Finder())->files()->in([$this->projectDir.'/core', $this->projectDir.'/src'])->name('*.php')
            ->notPath(['Rulebook/Rules', 'Rulebook/Facts.php', 'Vocabulary/Sentences.php', 'Entity'])->sortByName();
        foreach ($files as $file) {
            $name = substr($file->getPathname(), \strlen($this->projectDir) + 1);
            yield "`$name`" => array_values(array_unique(array_filter(self::literals($file->getContents()), self::isSaid(...))));
        }
    }

    /** @return list<string> */
    private function labels(): array
    {
        $labels = [];
        foreach (Vocabulary::ENUMS as $name => $enum) {
            $words = array_map(
                static fn (\BackedEnum $case): string => method_exists($case, 'label') ? $case->label() : $case->value,
                $enum::cases(),
            );
            $labels[] = "$name: ".implode(' · ', $words);
        }

        return $labels;
    }

    private static function isSaid(string $text): bool
    {
        return 1 === preg_match(self::IS_SAID, $text) && 1 !== preg_match(self::IS_CODE, $text);
    }

    /** @return list<string> string literals, those joined by dots as one, with "…" for what is put in */
    private static function literals(string $code): array
    {
        $found = [];
        $text = '';
        $isOpen = false;
        $isJoined = false;
        foreach (\PhpToken::tokenize($code) as $token) {
            if ('"' === $token->text) {
                $isOpen = !$isOpen;
                $isJoined = false;
            } elseif ($token->is(\T_CONSTANT_ENCAPSED_STRING)) {
                $text .= self::decoded($token->text);
                $isJoined = false;
            } elseif ($token->is(\T_ENCAPSED_AND_WHITESPACE)) {
                $text .= $token->text;
            } elseif ($isOpen) {
                $text = rtrim($text, '…').'…';
            } elseif ('.' === $token->text) {
                $isJoined = true;
            } elseif (!$token->is(self::GLUE)) {
                $found[] = $text.($isJoined && '' !== $text ? '…' : '');
                $text = '';
                $isJoined = false;
            }
        }

        return array_map(static fn (string $one): string => trim(preg_replace('/\s+/', ' ', $one) ?? $one), $found);
    }

    private static function decoded(string $literal): string
    {
        return str_replace(["\\'", '\\"', '\\\\'], ["'", '"', '\\'], substr($literal, 1, -1));
    }
}
