@php use Evrent\Core\Checks\NearestOutOfFocus; @endphp
<x-part id="focus-told" tag="p" class="crop-told quiet">{{ NearestOutOfFocus::told($page->plan, $settings->units) }}</x-part>
