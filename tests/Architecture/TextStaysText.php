<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Evrent\Core\Messages\Text;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;
use PHPStan\Type\Type;
use PHPStan\Type\UnionType;
use PhpParser\Node;
use PhpParser\Node\Expr;

/**
 * A message that is joined to a string has no words, only its key: the product passes it on, and the edge says it.
 *
 * @implements Rule<Node>
 */
final class TextStaysText implements Rule
{
    /** What makes strings of what it is given. */
    private const MAKE_STRINGS = ['implode', 'join', 'sprintf', 'str_replace', 'in_array', 'array_unique'];

    public function getNodeType(): string
    {
        return Node::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (str_contains($scope->getFile(), '/tests/') || str_contains($scope->getFile(), '/core/Messages/')) {
            return [];
        }
        foreach (self::joined($node) as $one) {
            $type = $scope->getType($one);
            if (self::mayBeText($type) || $type->isIterable()->yes() && self::mayBeText($type->getIterableValueType())) {
                return [self::lost()];
            }
        }

        return [];
    }

    /**
     * @return array<Node\Expr> what this node makes a string of
     */
    private static function joined(Node $node): array
    {
        return match (true) {
            $node instanceof Expr\BinaryOp\Concat => [$node->left, $node->right],
            $node instanceof Expr\AssignOp\Concat => [$node->expr],
            $node instanceof Expr\Cast\String_ => [$node->expr],
            $node instanceof Node\Scalar\InterpolatedString => array_filter($node->parts, static fn (Node $part): bool => $part instanceof Expr),
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name && in_array($node->name->toLowerString(), self::MAKE_STRINGS, true)
                => array_map(static fn (Node\Arg $argument): Expr => $argument->value, $node->getArgs()),
            default => [],
        };
    }

    private static function mayBeText(Type $type): bool
    {
        $text = new ObjectType(Text::class);
        foreach ($type instanceof UnionType ? $type->getTypes() : [$type] as $one) {
            if ($text->isSuperTypeOf($one)->yes() && !$one->isNull()->yes()) {
                return true;
            }
        }

        return false;
    }

    private static function lost(): IdentifierRuleError
    {
        return RuleErrorBuilder::message('What may be a Text is made a string here, and its words are lost: say it at the edge, or make it an argument.')
            ->identifier('evrent.textStaysText')->build();
    }
}
