<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * The small changes that a test should notice: an operator for its neighbour, a number for the next, a condition the other way round; a
 * call, an error, an arm of a match or an item of a list that is left out. Casts, and whether a search is strict, are left alone: the static
 * analysis holds those.
 */
final class Mutants
{
    private const OPERATORS = [
        '+' => '-', '-' => '+', '*' => '/', '/' => '*', '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===',
        '&&' => '||', '||' => '&&', '%' => '*', '**' => '*',
    ];
    private const SEARCHES = ['in_array', 'array_search', 'array_keys'];
    private const FUNCTIONS = ['max' => 'min', 'min' => 'max', 'floor' => 'ceil', 'ceil' => 'floor', 'abs' => '', 'sin' => 'cos', 'cos' => 'sin'];

    /**
     * @return list<Mutant>
     */
    public static function of(string $file, string $source): array
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        $mutants = [];
        $strict = self::strictFlags($tree);
        $nodes = (new NodeFinder())->find($tree, static fn (Node $node): bool => !$node instanceof Stmt\Declare_ && !isset($strict[spl_object_id($node)]));
        foreach ($nodes as $node) {
            $change = self::change($node, $source);
            foreach ([...($change === null ? [] : [$change]), ...self::leftOut($node, $source)] as [$from, $to, $instead]) {
                $says = trim(substr($source, $from, $to - $from)) . ' → ' . ($instead === '' ? '(nothing)' : $instead);
                $mutants[] = new Mutant($file, 1 + substr_count($source, "\n", 0, $from), $from, $to, $instead, $says);
            }
        }

        return $mutants;
    }

    /**
     * @return ?array{int, int, string} bytes from, to, and what stands there instead
     */
    private static function change(Node $node, string $source): ?array
    {
        $text = static fn (Node $part): string => substr($source, $part->getStartFilePos(), $part->getEndFilePos() + 1 - $part->getStartFilePos());
        $whole = static fn (string $instead): array => [$node->getStartFilePos(), $node->getEndFilePos() + 1, $instead];

        return match (true) {
            $node instanceof Expr\BinaryOp\Coalesce => $whole($text($node->right)),
            $node instanceof Expr\BinaryOp => self::operator($node, $source),
            $node instanceof Expr\AssignOp => self::assignment($node, $text($node->var), $text($node->expr)),
            $node instanceof Expr\BooleanNot, $node instanceof Expr\UnaryMinus => $whole($text($node->expr)),
            $node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true)
                => $whole($node->name->toLowerString() === 'true' ? 'false' : 'true'),
            $node instanceof Scalar\Int_ => $whole((string) ($node->value + 1)),
            $node instanceof Scalar\Float_ => $whole(sprintf('(%s + 1.0)', $text($node))),
            $node instanceof Expr\Ternary && $node->if !== null => $whole("{$text($node->cond)} ? {$text($node->else)} : {$text($node->if)}"),
            $node instanceof Expr\FuncCall && !$node->isFirstClassCallable() && $node->name instanceof Node\Name && isset(self::FUNCTIONS[$node->name->toString()])
                => [$node->name->getStartFilePos(), $node->name->getEndFilePos() + 1, self::FUNCTIONS[$node->name->toString()]],
            $node instanceof Stmt\Foreach_ => [$node->expr->getStartFilePos(), $node->expr->getEndFilePos() + 1, '[]'],
            $node instanceof Stmt\Expression && ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall) => $whole(''),
            $node instanceof Stmt\Expression && $node->expr instanceof Expr\Throw_ => $whole(''),
            $node instanceof Stmt\Continue_ => $whole('break;'),
            $node instanceof Stmt\Break_ => $whole('continue;'),
            default => null,
        };
    }

    /**
     * @return ?array{int, int, string}
     */
    private static function operator(Expr\BinaryOp $node, string $source): ?array
    {
        $sigil = $node->getOperatorSigil();
        $after = $node->left->getEndFilePos() + 1;
        $at = strpos(substr($source, $after, $node->right->getStartFilePos() - $after), $sigil);
        if (!isset(self::OPERATORS[$sigil]) || $at === false) {
            return null;
        }

        return [$after + $at, $after + $at + strlen($sigil), self::OPERATORS[$sigil]];
    }

    /**
     * @return ?array{int, int, string} += for -=, *= for /= and the other way round; other assignments are left alone
     */
    private static function assignment(Expr\AssignOp $node, string $variable, string $value): ?array
    {
        $sigil = match (true) {
            $node instanceof Expr\AssignOp\Plus => '-=',
            $node instanceof Expr\AssignOp\Minus => '+=',
            $node instanceof Expr\AssignOp\Mul => '/=',
            $node instanceof Expr\AssignOp\Div => '*=',
            default => null,
        };

        return $sigil === null ? null : [$node->getStartFilePos(), $node->getEndFilePos() + 1, "{$variable} {$sigil} {$value}"];
    }

    /**
     * @return list<array{int, int, string}> each item of a list of values, and each arm of a match, left out
     */
    private static function leftOut(Node $node, string $source): array
    {
        $parts = match (true) {
            $node instanceof Expr\Array_ => $node->items,
            $node instanceof Expr\Match_ && count($node->arms) > 1 => array_filter($node->arms, static fn (Node\MatchArm $arm): bool => $arm->conds !== null),
            default => [],
        };
        $changes = [];
        foreach ($parts as $part) {
            $after = $part->getEndFilePos() + 1;
            $changes[] = [$part->getStartFilePos(), $after + strspn($source, " \n", $after) + 1, ''];
        }

        return $changes;
    }

    /**
     * @param array<Stmt> $tree
     *
     * @return array<int, true> the last arguments of searches, by object
     */
    private static function strictFlags(array $tree): array
    {
        $flags = [];
        foreach ((new NodeFinder())->findInstanceOf($tree, Expr\FuncCall::class) as $call) {
            $argument = $call->isFirstClassCallable() ? null : ($call->getArgs()[2] ?? null);
            if ($argument !== null && $call->name instanceof Node\Name && in_array($call->name->toString(), self::SEARCHES, true)) {
                $flags[spl_object_id($argument->value)] = true;
            }
        }

        return $flags;
    }
}
