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
 * The small changes that a test should notice: an operator for its neighbour, a number for the next, a condition the other way round, a
 * call that is left out.
 */
final class Mutants
{
    private const OPERATORS = [
        '+' => '-', '-' => '+', '*' => '/', '/' => '*', '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===',
        '&&' => '||', '||' => '&&', '%' => '*', '**' => '*',
    ];
    private const FUNCTIONS = ['max' => 'min', 'min' => 'max', 'floor' => 'ceil', 'ceil' => 'floor', 'abs' => '', 'sin' => 'cos', 'cos' => 'sin'];

    /**
     * @return list<Mutant>
     */
    public static function of(string $file, string $source): array
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        $mutants = [];
        foreach ((new NodeFinder())->find($tree, static fn (Node $node): bool => !$node instanceof Stmt\Declare_) as $node) {
            $change = self::change($node, $source);
            if ($change !== null) {
                [$from, $to, $instead] = $change;
                $says = trim(substr($source, $from, $to - $from)) . ' → ' . ($instead === '' ? '(nothing)' : $instead);
                $mutants[] = new Mutant($file, $node->getStartLine(), $from, $to, $instead, $says);
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
            $node instanceof Expr\BooleanNot, $node instanceof Expr\UnaryMinus => $whole($text($node->expr)),
            $node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true)
                => $whole($node->name->toLowerString() === 'true' ? 'false' : 'true'),
            $node instanceof Scalar\Int_ => $whole((string) ($node->value + 1)),
            $node instanceof Scalar\Float_ => $whole(sprintf('(%s + 1.0)', $text($node))),
            $node instanceof Expr\Ternary && $node->if !== null => $whole("{$text($node->cond)} ? {$text($node->else)} : {$text($node->if)}"),
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name && isset(self::FUNCTIONS[$node->name->toString()])
                => [$node->name->getStartFilePos(), $node->name->getEndFilePos() + 1, self::FUNCTIONS[$node->name->toString()]],
            $node instanceof Stmt\Foreach_ => [$node->expr->getStartFilePos(), $node->expr->getEndFilePos() + 1, '[]'],
            $node instanceof Stmt\Expression && ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall) => $whole(''),
            $node instanceof Stmt\Continue_ => $whole('break;'),
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
}
