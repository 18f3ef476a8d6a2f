@php use Evrent\Core\Shot\TestPhoto; $inTheDark = TestPhoto::told($page->schedule); @endphp
<x-part id="in-the-dark" tag="p" class="quiet">@if ($inTheDark){{ __('shots.in_the_dark.says', ['inTheDark' => $inTheDark]) }}@endif</x-part>
