<p id="rounding" class="rounding quiet" role="status">@if ($page->rounding !== ''){{ $page->rounding }}.@endif</p>
