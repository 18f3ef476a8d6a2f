<p id="rounding" class="rounding quiet" role="status" @isset($swap) hx-swap-oob="true" @endisset>@if ($page->rounding !== ''){{ $page->rounding }}.@endif</p>
