@php use Evrent\Core\Shot\TestPhoto; $inTheDark = TestPhoto::told($page->schedule); @endphp
<x-part id="in-the-dark" tag="p" class="quiet">@if ($inTheDark)To frame by in the dark: {{ $inTheDark }}.@endif</x-part>
