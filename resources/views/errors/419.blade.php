@extends('errors.minimal')
@section('title', __('errors.419.title'))
@section('message', __('errors.419.says'))
