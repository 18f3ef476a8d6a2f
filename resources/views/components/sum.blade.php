{{-- A figure that shows its arithmetic when it is pressed. --}}
@props(['page', 'of'])
<a {{ $attributes->class('sum-of') }} href="{{ route('shots.sums', [...$page->shot->address(), $of]) }}" data-sum>{{ $slot }}</a>
