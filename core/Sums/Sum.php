<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Text;

/**
 * How a figure is worked out: its terms, what is done with them, and by which rule.
 */
final readonly class Sum
{
    /**
     * @param string              $key       names it: "cycle"
     * @param string              $title     what figure it is
     * @param string              $formula   the terms in braces, with + − × ÷, brackets, log2(), log10(), cos() of degrees and floor()
     * @param array<string, Term> $terms     by the name in the formula
     * @param Term                $result    what it comes to
     * @param string              $rule      the rule's name
     * @param string              $reference where the rule comes from
     * @param ?Term               $against   what it is held against
     */
    public function __construct(
        public string $key,
        public Text|string $title,
        public string $formula,
        public array $terms,
        public Term $result,
        public Text|string $rule,
        public Text|string $reference,
        public ?Term $against = null,
    ) {
    }

    /** "0.06 s lag + 6 s exposure + 0.1 s delay + 0.24 s move + 1.2 s settling = 7.6 s; 7.2 s interval". */
    public function says(): Text|string
    {
        $parts = [];
        foreach (explode('{', $this->formula) as $n => $part) {
            [$name, $rest] = $n === 0 ? ['', $part] : explode('}', $part, 2);
            array_push($parts, ($this->terms[$name] ?? null)?->says(), $rest);
        }
        $sum = Joined::of([...$parts, ' = ', $this->result->figure()], Joined::PLAIN);

        return Joined::of([$sum, $this->against?->says()]);
    }

    /**
     * @return array<string, mixed> for JSON
     */
    public function toArray(): array
    {
        $term = static fn (Term $term): array => [
            'label' => $term->label, 'value' => $term->value, 'unit' => $term->unit, 'pointer' => $term->pointer, 'source' => $term->source->value ?? null,
        ];

        return [
            'key' => $this->key, 'title' => $this->title, 'formula' => $this->formula, 'terms' => array_map($term, $this->terms),
            'result' => $term($this->result), 'against' => $this->against === null ? null : $term($this->against),
            'rule' => $this->rule, 'reference' => $this->reference, 'says' => $this->says(),
        ];
    }
}
