<?php

declare(strict_types=1);

namespace Tests\Feature;

use FilesystemIterator;
use Illuminate\Support\Facades\Blade;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr;
use PhpParser\Node\Identifier;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar\String_;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Every message is given what its words name, wherever it is made; what is missing would stand on the page as ":name". Static analysis does
 * not read views, so the classes that they name are held here too.
 */
final class MessagesAreWholeTest extends PageTestCase
{
    public function testEveryMessageIsGivenWhatItsWordsName(): void
    {
        $missing = [];
        $seen = 0;
        foreach (self::files(['core', 'app', 'cli', 'devices', 'words', 'resources/views']) as $path => $nodes) {
            foreach ((new NodeFinder())->find($nodes, static fn (Node $node): bool => $node instanceof Expr\CallLike) as $node) {
                [$keys, $given] = $node instanceof Expr\CallLike ? self::message($node) : [[], null];
                if ($given === null) {
                    continue;
                }
                foreach ($keys as $key) {
                    $words = __($key);
                    self::assertIsString($words, $key);
                    preg_match_all('/:([A-Za-z_]\w*)/', $words, $named);
                    $without = array_diff(array_map(lcfirst(...), $named[1]), $given);
                    $missing = [...$missing, ...array_map(static fn (string $name): string => "{$path}: {$key} needs {$name}", $without)];
                    $seen++;
                }
            }
        }
        self::assertSame([], $missing);
        self::assertGreaterThan(1_000, $seen);
    }

    public function testViewsNameOnlyClassesThatThereAre(): void
    {
        $gone = [];
        foreach (self::files(['resources/views']) as $path => $nodes) {
            foreach ((new NodeFinder())->find($nodes, static fn (Node $node): bool => $node instanceof Expr\StaticCall || $node instanceof Expr\ClassConstFetch) as $node) {
                $isNamed = ($node instanceof Expr\StaticCall || $node instanceof Expr\ClassConstFetch) && $node->class instanceof Name && $node->name instanceof Identifier;
                if (!$isNamed) {
                    continue;
                }
                [$class, $name] = [$node->class->toString(), $node->name->name];
                $isThere = match (true) {
                    !class_exists($class) && !interface_exists($class) => false,
                    $node instanceof Expr\StaticCall => method_exists($class, $name) || method_exists($class, '__callStatic'),
                    default => $name === 'class' || defined("{$class}::{$name}"),
                };
                $gone = [...$gone, ...$isThere ? [] : ["{$path}: {$class}::{$name}"]];
            }
        }
        self::assertSame([], $gone);
    }

    /**
     * @return array{list<string>, ?list<string>} the keys that a call may name, and the arguments it gives; null where they are put together
     */
    private static function message(Expr\CallLike $call): array
    {
        $isNamed = $call instanceof Expr\StaticCall && self::names($call->class, 'Words') && self::names($call->name, 'of');
        $isMessage = $isNamed || $call instanceof Expr\New_ && self::names($call->class, 'Message')
            || $call instanceof Expr\FuncCall && self::names($call->name, '__');
        if (!$isMessage || $call->isFirstClassCallable() || $call->getArgs() === []) {
            return [[], null];
        }
        $arguments = $call->getArgs();
        $key = array_shift($arguments)->value;
        $keys = [];
        $may = match (true) {
            $key instanceof Expr\Ternary => [$key->if, $key->else],
            $key instanceof Expr\Match_ => array_column($key->arms, 'body'),
            default => [$key],
        };
        foreach ($may as $one) {
            $keys = [...$keys, ...$one instanceof String_ ? [$one->value] : []];
        }

        return [$keys, $isNamed ? array_map(static fn (Arg $one): string => (string) $one->name, array_values($arguments)) : self::given($arguments[0]->value ?? null)];
    }

    /**
     * @return ?list<string> the names in a list of arguments; null where they are put together
     */
    private static function given(?Expr $list): ?array
    {
        $given = [];
        foreach ($list instanceof Expr\Array_ ? $list->items : [] as $item) {
            if (!$item->key instanceof String_) {
                return null;
            }
            $given[] = lcfirst($item->key->value);
        }

        return $list === null || $list instanceof Expr\Array_ ? $given : null;
    }

    private static function names(?Node $node, string $name): bool
    {
        return ($node instanceof Name ? $node->getLast() : ($node instanceof Identifier ? $node->name : '')) === $name;
    }

    /**
     * @param list<string> $folders
     *
     * @return iterable<string, array<Node>> what stands in each file, with names whole
     */
    private static function files(array $folders): iterable
    {
        $parser = (new ParserFactory())->createForHostVersion();
        foreach ($folders as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
                if (!$file instanceof SplFileInfo || $file->getExtension() !== 'php') {
                    continue;
                }
                $source = (string) file_get_contents($file->getPathname());
                $nodes = $parser->parse(str_ends_with($file->getFilename(), '.blade.php') ? Blade::compileString($source) : $source);
                $names = new NodeTraverser(new NameResolver());
                yield substr($file->getPathname(), strlen(base_path()) + 1) => $names->traverse($nodes ?? []);
            }
        }
    }
}
